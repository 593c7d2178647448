<?php

declare(strict_types=1);

namespace Core\Homework;

/** When what comes next opens at home. */
final readonly class Unlock
{
    /** Days without anything wrong before it opens. Common practice: as long as a scare is carried over at the most. */
    public const QUIET_DAYS = 3;

    /**
     * Enough good days, in a row or not, and nothing wrong in the last three; never by itself for contact and exposure.
     *
     * @param  int  $goodDays  needed, at least 1
     * @param  array<int, HomeDay>  $days  of the task before, by number of the day (CalendarDay::number)
     */
    public static function isOpen(HomeworkKind $kind, int $goodDays, array $days, int $today): bool
    {
        $wrong = array_keys(array_filter($days, static fn (HomeDay $day): bool => $day->wentWrong()));

        return $kind->opensByItself()
            && count(array_filter($days, static fn (HomeDay $day): bool => $day->isGood())) >= $goodDays
            && ($wrong === [] || $today - max($wrong) >= self::QUIET_DAYS);
    }
}
