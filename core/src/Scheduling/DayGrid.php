<?php

declare(strict_types=1);

namespace Core\Scheduling;

/**
 * A day in quarters of an hour, from 6:00 to 21:30: 62 slots, so that what is free on a day is one integer, bit n for slot n.
 *
 * Outside these hours nobody is sent anywhere. Common practice.
 */
final readonly class DayGrid
{
    public const SLOTS = 62;

    public const ALL = (1 << self::SLOTS) - 1;

    public const MINUTES = 15;

    public const FIRST_MINUTE = 360;

    public const DAYS = 7;

    /** @param  int  $minutes  0 or more; a slot begun is a slot taken: 20 minutes are 2 */
    public static function slots(int $minutes): int
    {
        return intdiv($minutes + self::MINUTES - 1, self::MINUTES);
    }

    /** Minute of the day at which a slot begins. */
    public static function minute(int $slot): int
    {
        return self::FIRST_MINUTE + self::MINUTES * $slot;
    }

    /** The slot in which a minute of the day lies, from 0 to 61; null outside the day. */
    public static function slotAt(int $minute): ?int
    {
        $slot = intdiv($minute - self::FIRST_MINUTE, self::MINUTES);

        return $minute >= self::FIRST_MINUTE && $slot < self::SLOTS ? $slot : null;
    }

    /**
     * Slots that lie wholly in one of the times: open from 9:05 to 10:00 are 9:15 to 10:00.
     *
     * @param  list<array{int, int}>  $times  minutes of the day, from and until
     */
    public static function within(array $times): int
    {
        $mask = 0;
        foreach ($times as [$from, $until]) {
            $mask |= self::range(
                self::slots(max(0, $from - self::FIRST_MINUTE)), intdiv(max(0, $until - self::FIRST_MINUTE), self::MINUTES),
            );
        }

        return $mask;
    }

    /**
     * Slots that any of the times touches: taken from 9:05 to 10:00 are 9:00 to 10:00.
     *
     * @param  list<array{int, int}>  $times  minutes of the day, from and until
     */
    public static function touching(array $times): int
    {
        $mask = 0;
        foreach ($times as [$from, $until]) {
            $mask |= self::range(
                intdiv(max(0, $from - self::FIRST_MINUTE), self::MINUTES), self::slots(max(0, $until - self::FIRST_MINUTE)),
            );
        }

        return $mask;
    }

    /** Slots from one up to, without, another; cut off at the ends of the day. `range(1, 3)` is 0b110. */
    public static function range(int $from, int $until): int
    {
        $from = max(0, $from);
        $until = min(self::SLOTS, $until);

        return $until <= $from ? 0 : ((1 << ($until - $from)) - 1) << $from;
    }

    /** Where something of so many slots can begin, if it may lie in these only. `starts(0b1110, 2)` is 0b110. */
    public static function starts(int $free, int $slots): int
    {
        $starts = $free;
        for ($n = 1; $n < $slots && $starts !== 0; $n++) {
            $starts &= $free >> $n;
        }

        return $starts;
    }
}
