<?php

declare(strict_types=1);

namespace App\Free;

use App\Engine\StandingObservation;
use App\Incident\LogEvent;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\FreeSession;
use App\Models\Observation;
use App\Models\ObservationCorrection;
use App\Models\User;
use App\Support\Fields;
use Core\Observation\Kind;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/**
 * Keeps what was seen, and beside it what is put right. A reaction counts wherever it was: it goes on the dog's record, and is taken
 * off it again where it turns out to have been a slip of the thumb.
 */
final readonly class LogObservation
{
    /** How bad a reaction is among what upsets a dog: strong, short of the worst. */
    private const SEVERITY = 3;

    public function __construct(private Connection $database, private ClockInterface $clock, private LogEvent $events)
    {
    }

    /**
     * @param  array<mixed>  $checked  by ObservationRules
     * @return bool whether it is new: the same one sent twice is one
     */
    public function log(FreeSession $session, User $user, array $checked, \DateTimeImmutable $at): bool
    {
        return $this->database->transaction(function () use ($session, $user, $checked, $at): bool {
            $given = Fields::of($checked);
            $observation = Observation::query()->firstOrCreate(
                ['practice_id' => $session->practice_id, 'uuid' => strtolower($given->text('uuid'))],
                [
                    'free_session_id' => $session->id, 'user_id' => $user->id, 'kind' => $given->text('kind'), 'occurred_at' => $at,
                    'seconds' => $given->numberOrNull('seconds'), 'what' => trim($given->text('what')), 'side' => $given->text('side'),
                    'band' => $given->intOrNull('band'),
                    'signs' => implode(';', array_unique(array_filter($given->texts('signs')))), 'setup' => self::setup($given),
                ],
            );
            if ($observation->wasRecentlyCreated && $observation->kind === Kind::Reacted) {
                $this->onRecord($session, $user, $observation);
            }

            return $observation->wasRecentlyCreated;
        });
    }

    /**
     * @param  array<string, scalar>  $changes  what, band, side, seconds, how a part was touched, isFoodGone or isOut
     * @return bool whether it is new
     */
    public function putRight(FreeSession $session, User $user, Observation $observation, string $uuid, array $changes): bool
    {
        return $this->database->transaction(function () use ($session, $user, $observation, $uuid, $changes): bool {
            $correction = ObservationCorrection::query()->firstOrCreate(
                ['practice_id' => $session->practice_id, 'uuid' => strtolower($uuid)],
                [
                    'observation_id' => $observation->id, 'user_id' => $user->id, 'changes' => $changes, 'made_at' => $this->clock->now(),
                ],
            );
            if ($correction->wasRecentlyCreated && $observation->kind === Kind::Reacted && isset($changes['isOut'])) {
                (bool) $changes['isOut']
                    ? Event::query()->where('practice_id', $session->practice_id)->where('uuid', $observation->uuid)->delete()
                    : $this->onRecord($session, $user, $observation);
            }

            return $correction->wasRecentlyCreated;
        });
    }

    private static function setup(Fields $given): string
    {
        $told = array_filter(array_map($given->text(...), array_combine(StandingObservation::SETUP, StandingObservation::SETUP)));

        return implode(';', array_map(static fn (string $key, string $choice): string => "{$key}={$choice}", array_keys($told), $told));
    }

    private function onRecord(FreeSession $session, User $user, Observation $observation): void
    {
        $this->events->log(
            $session->dog, $user, $observation->uuid, EventKind::OffPlan, self::SEVERITY,
            max(0, intdiv($this->clock->now()->getTimestamp() - $observation->occurred_at->getTimestamp(), 3600)),
            $observation->what === '' ? null : $observation->what,
        );
    }
}
