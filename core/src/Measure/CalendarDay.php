<?php

declare(strict_types=1);

namespace Core\Measure;

/** Days as people count them: an evening and the morning after it are a day apart. */
final readonly class CalendarDay
{
    private const SECONDS = 86400;

    /** Days from 1970-01-01 to the date that a time has in the zone it carries. CalendarDay::number(1970-01-02T00:30+01:00) === 1 */
    public static function number(\DateTimeImmutable $at): int
    {
        return (int) floor(($at->getTimestamp() + $at->getOffset()) / self::SECONDS);
    }

    /** Minute of the day in the zone a time carries: 1290 for half past nine in the evening. */
    public static function minute(\DateTimeImmutable $at): int
    {
        return 60 * (int) $at->format('G') + (int) $at->format('i');
    }

    /** @return int days from one to the other, each by the date in its own zone; negative where the other came first */
    public static function between(\DateTimeImmutable $one, \DateTimeImmutable $other): int
    {
        return self::number($other) - self::number($one);
    }
}
