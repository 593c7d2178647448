<?php

declare(strict_types=1);

namespace Core\Planning;

/** How often a plan is to be worked on, and so when it is due. */
final readonly class Pace
{
    private const WEEK_DAYS = 7.0;

    /** @param  float  $aWeek  sessions a week, more than 0 */
    public function __construct(private float $aWeek)
    {
        if ($aWeek <= 0.0) {
            throw new \LogicException('A pace is more than 0 sessions a week.');
        }
    }

    /**
     * Days until the next session: 0 for today, less for overdue. Common practice counts whole days between sessions, so three a week are
     * two days apart, and more than one a day is due on the same day again: `(new Pace(3.0))->dueIn(1)` is 1.
     *
     * @param  int  $daysSince  calendar days since the last one
     */
    public function dueIn(int $daysSince): int
    {
        return (int) floor(self::WEEK_DAYS / $this->aWeek) - $daysSince;
    }
}
