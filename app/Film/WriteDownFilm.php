<?php

declare(strict_types=1);

namespace App\Film;

use App\Models\Film;
use App\Models\FilmRecord;
use App\Models\Plan;
use App\Models\Session;
use App\Models\User;
use App\Session\LogTrial;
use App\Session\TrialParser;
use App\Session\WriteDownSession;
use App\Support\UuidOfBytes;
use Core\Film\SeenTrial;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Sign\SignKey;
use Illuminate\Database\Connection;

/** The trials of a film as a session that is written down later, with everything that was seen of each. */
final readonly class WriteDownFilm
{
    public function __construct(
        private Connection $database, private WriteDownSession $sessions, private TrialParser $parser, private LogTrial $log,
    ) {
    }

    /**
     * @param  Plan  $plan  something or somebody at a distance
     * @param  \DateTimeImmutable  $from  when the film begins
     * @param  Distance  $distance  of all trials, until the review says otherwise
     */
    public function write(
        Film $film, FilmRecord $record, Plan $plan, User $user, int $personId, \DateTimeImmutable $from, Distance $distance,
    ): Session {
        return $this->database->transaction(function () use ($film, $record, $plan, $user, $personId, $from, $distance): Session {
            // sent twice, it is written down once
            $known = Film::query()->lockForUpdate()->findOrFail($film->id)->session;
            if ($known !== null) {
                return $known;
            }
            $minutes = max(1, (int) ceil($film->length_ms / 60_000));
            $session = $this->sessions->write($plan, $user, $personId, null, $from, $minutes, 'film', $film->name);
            $seen = $record->record();
            foreach ($seen->trials as $i => $trial) {
                $told = SeenTrial::of($seen, $trial);
                $this->log->log($session, $user, $this->parser->parse([
                    'uuid' => UuidOfBytes::version(8, hash('sha256', "film {$record->id} {$session->id} {$trial->from}", true)),
                    'sequence' => $i + 1, 'aim' => 'here', 'distance' => $distance->meters, 'outcome' => $told->outcome->value,
                    'band' => $trial->band->value, 'food' => $told->food->value, 'stare_ms' => $told->stare,
                    'signs' => array_map(static fn (SignKey $sign): string => $sign->value, $told->signs),
                    'device_at' => $from->modify("+{$trial->from} milliseconds")->format('Y-m-d\TH:i:s.v\Z'),
                ], $session, DistanceUnit::Meter));
            }
            $film->update(['session_id' => $session->id, 'aligned_ms' => 0, 'aligned_at' => $from]);

            return $session;
        });
    }
}
