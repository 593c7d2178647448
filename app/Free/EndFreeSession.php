<?php

declare(strict_types=1);

namespace App\Free;

use App\Dog\Readiness;
use App\Dog\RecordSkill;
use App\Models\FreeSession;
use App\Models\User;
use Core\Observation\Drill;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Ends a session without a ladder; what was drilled in it feeds its foundation, with place and day. Ending twice is harmless. */
final readonly class EndFreeSession
{
    public function __construct(
        private Connection $database, private ClockInterface $clock, private RecordSkill $skills, private Readiness $readiness,
    ) {
    }

    /** @param  string  $day  in the practice's own zone, year-month-day */
    public function end(FreeSession $session, User $user, ?string $note, string $day): void
    {
        $this->database->transaction(function () use ($session, $user, $note, $day): void {
            $now = $this->clock->now();
            $isFirst = FreeSession::query()->whereKey($session->id)->whereNull('ended_at')->update([
                'ended_at' => $now->format('Y-m-d H:i:s.v'), 'end_note' => $note,
            ]) === 1;
            if ($isFirst) {
                $this->feed($session->refresh(), $user, $day);
            }
        });
    }

    private function feed(FreeSession $session, User $user, string $day): void
    {
        $drills = FreeRecord::of($session, $this->clock->now())->drills();
        $known = $drills === [] ? [] : $this->readiness->ofDog($session->dog);
        foreach ($drills as $skill => [$atOnce, $late, $not]) {
            $standing = Drill::standing(($known[$skill] ?? null)?->isReady === true, $atOnce, $late, $not);
            if ($standing !== null) {
                $this->skills->record(
                    $session->dog, $user, $skill, $standing, $session->place->name ?? say('free.no_place'), $day,
                    say('free.drilled', ['atOnce' => $atOnce, 'late' => $late, 'not' => $not]),
                );
            }
        }
    }
}
