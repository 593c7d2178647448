<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** What one plan asks of a week. */
final readonly class Demand
{
    /**
     * @param  int  $trigger  what it exposes the dog to; 0 for work without one, which may share a day with anything
     * @param  int  $wished  sessions in this week, 0 or more
     * @param  int  $slots  length of one, 1 to 62
     * @param  list<int>  $workers  who handles, the first rather than the next
     * @param  list<int>  $sites  where
     * @param  int  $daysApart  from one session to the next, 0 or more: 2 leaves a day between
     * @param  int  $mostADay  1 or more
     * @param  int  $notBefore  first day of the week on which the dog may work, 0 to 7
     * @param  ?int  $lastDay  of the last session: −1 is the day before the week; null if there was none
     */
    public function __construct(
        public int $id, public int $dog, public int $trigger, public int $wished, public int $slots, public array $workers,
        public array $sites, public bool $needsHelper = false, public HoursWish $hours = HoursWish::Any, public int $daysApart = 1,
        public int $mostADay = 1, public int $notBefore = 0, public ?int $lastDay = null,
    ) {
        if ($slots < 1 || $slots > DayGrid::SLOTS || $wished < 0 || $daysApart < 0 || $mostADay < 1) {
            throw new \LogicException('A demand has 1 to 62 slots, and nothing below its least.');
        }
    }
}
