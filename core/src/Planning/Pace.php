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
     * Sessions that fall into the next days, today with them, by this pace: `(new Pace(3.0))->within(7, null)` is 3, and 2 if there was
     * one today.
     *
     * @param  int  $days  0 or more
     * @param  ?int  $daysSince  the last one; null if there was none
     */
    public function within(int $days, ?int $daysSince): int
    {
        $between = self::WEEK_DAYS / $this->aWeek;
        $first = $daysSince === null ? 0.0 : max(0.0, $between - $daysSince);

        // a hair less, so that three a week are not four by rounding
        return max(0, (int) ceil(($days - $first) / $between - 1e-9));
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
