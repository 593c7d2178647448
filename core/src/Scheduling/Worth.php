<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** What a week is worth, in the order that counts: a better one is better in the first thing in which they differ. */
final readonly class Worth
{
    /**
     * @param  int  $reached  plans with at least one session
     * @param  int  $met  sessions that were wished for
     * @param  int  $spread  days on which a plan has a session, added up: three on three days are worth more than three on one
     * @param  int  $kept  visits that stayed as people know them
     * @param  int  $inWishedHours  sessions of plans that look for busy hours, within them
     * @param  int  $travel  minutes on the way
     * @param  int  $uneven  squared slots of each person's day, added up: less is more even
     * @param  int  $late  how late they begin, slots of the week added up; it only breaks ties
     */
    private function __construct(
        public int $reached, public int $met, public int $spread, public int $kept, public int $inWishedHours, public int $travel,
        public int $uneven, public int $late,
    ) {
    }

    /** @param  list<Visit>  $visits */
    public static function of(WeekProblem $problem, array $visits): self
    {
        $by = $days = $load = $stops = [];
        $kept = $wished = $late = 0;
        foreach ($visits as $visit) {
            $by[$visit->demand] = ($by[$visit->demand] ?? 0) + 1;
            $days[$visit->demand * DayGrid::DAYS + $visit->day] = true;
            $late += $visit->day * DayGrid::SLOTS + $visit->slot;
            $wished += $problem->demands[$visit->demand]->hours === HoursWish::Busy && $problem->isBusy($visit) ? 1 : 0;
            foreach ($problem->standing as $standing) {
                $kept += $standing->isSameAs($visit) ? 1 : 0;
            }
            foreach ($visit->helper === null ? [$visit->worker] : [$visit->worker, $visit->helper] as $worker) {
                $key = $worker * DayGrid::DAYS + $visit->day;
                $load[$key] = ($load[$key] ?? 0) + $visit->slots;
                $stops[$key][$visit->slot] = $visit->site;
            }
        }
        $met = 0;
        foreach ($by as $demand => $count) {
            $met += min($count, $problem->demands[$demand]->wished);
        }

        return new self(
            count($by), $met, count($days), $kept, $wished, self::travel($problem->travel, $stops),
            array_sum(array_map(static fn (int $slots): int => $slots ** 2, $load)), $late,
        );
    }

    /** More than 0 if this is better. */
    public function compare(self $other): int
    {
        return $this->inOrder() <=> $other->inOrder();
    }

    /** @return list<int> more is better */
    private function inOrder(): array
    {
        return [
            $this->reached, $this->met, $this->spread, $this->kept, $this->inWishedHours, -$this->travel, -$this->uneven, -$this->late,
        ];
    }

    /** @param  array<int, array<int, int>>  $stops  places by slot, by person and day */
    private static function travel(Travel $travel, array $stops): int
    {
        $minutes = 0;
        foreach ($stops as $sites) {
            ksort($sites);
            $from = null;
            foreach ($sites as $site) {
                $minutes += $from === null ? 0 : $travel->minutes($from, $site);
                $from = $site;
            }
        }

        return $minutes;
    }
}
