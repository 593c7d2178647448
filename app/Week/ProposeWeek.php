<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Appointment;
use App\Models\TrailAction;
use App\Models\User;
use App\Models\WeekProposal;
use App\Trail\Trail;
use Core\Scheduling\DayGrid;
use Core\Scheduling\OverlappingPins;
use Core\Scheduling\Unmet;
use Core\Scheduling\Visit;
use Core\Scheduling\WeekSolver;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Lays a week anew around what is pinned. An appointment that stays the same is not touched; one that moves keeps its identity, so that
 * calendars follow it; one that is gone stays on record as cancelled.
 */
final readonly class ProposeWeek
{
    public function __construct(
        private Connection $database, private WeekReader $weeks, private ClockInterface $clock, private Trail $trail,
    ) {
    }

    /** @throws OverlappingPins */
    public function propose(User $by, WeekDays $days): WeekProposal
    {
        return $this->database->transaction(function () use ($by, $days): WeekProposal {
            WeekLock::hold($by);
            $week = $this->weeks->read($by->practice, $days);
            $proposal = (new WeekSolver())->solve($week->problem);
            $this->write($by, $week, $proposal->visits);
            $kept = WeekProposal::query()->updateOrCreate(
                ['practice_id' => $by->practice_id, 'monday' => $days->monday->format('Y-m-d')], [
                    'user_id' => $by->id, 'proposed_at' => $this->clock->now(),
                    'unmet' => array_map(static fn (Unmet $unmet): array => [
                        'plan' => $unmet->demand, 'missing' => $unmet->missing, 'rule' => $unmet->rule->value,
                        'day' => $unmet->otherwise?->day,
                        'minute' => $unmet->otherwise === null ? null : DayGrid::minute($unmet->otherwise->slot),
                    ], $proposal->unmet),
                ],
            );
            $this->trail->note($by, TrailAction::Changed, $kept, ['name' => $days->monday->format('Y-m-d')]);

            return $kept;
        });
    }

    /** @param  list<Visit>  $visits */
    private function write(User $by, WeekPlan $week, array $visits): void
    {
        $free = $new = [];
        foreach ([...$week->problem->pinned, ...$week->problem->standing] as $visit) {
            $appointment = $week->appointmentOf($visit);
            if ($appointment !== null && ! $visit->isPinned) {
                $free[$visit->demand][$appointment->id] = [$visit, $appointment];
            }
        }
        foreach ($visits as $visit) {
            if ($visit->isPinned) {
                continue;
            }
            foreach ($free[$visit->demand] ?? [] as $id => [$stood]) {
                if ($stood->isSameAs($visit)) {
                    unset($free[$visit->demand][$id]);

                    continue 2;
                }
            }
            $new[] = $visit;
        }
        foreach ($new as $visit) {
            $free[$visit->demand] ??= [];
            $moved = array_shift($free[$visit->demand]);
            $columns = $this->columns($week, $visit);
            $moved === null
                ? Appointment::query()->create([
                    ...$columns, 'practice_id' => $by->practice_id, 'uuid' => (string) Str::uuid7(), 'plan_id' => $visit->demand,
                ])
                : $moved[1]->update([...$columns, 'sequence' => $moved[1]->sequence + 1]);
        }
        foreach ($free as $gone) {
            foreach ($gone as [, $appointment]) {
                $appointment->update(['cancelled_at' => $this->clock->now(), 'sequence' => $appointment->sequence + 1]);
            }
        }
    }

    /** @return array<string, mixed> */
    private function columns(WeekPlan $week, Visit $visit): array
    {
        $from = DayGrid::minute($visit->slot);

        return [
            'person_id' => $visit->worker, 'helper_id' => $visit->helper, 'place_id' => $visit->site > 0 ? $visit->site : null,
            'starts_at' => $week->days->at($visit->day, $from),
            'ends_at' => $week->days->at($visit->day, $from + DayGrid::MINUTES * $visit->slots),
        ];
    }
}
