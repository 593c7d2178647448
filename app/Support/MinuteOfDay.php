<?php

declare(strict_types=1);

namespace App\Support;

/** A time of day as a form has it, "21:30", and as it is kept: 1290, minutes since midnight. */
final readonly class MinuteOfDay
{
    /** @param  string  $time  checked before: hours and minutes of two digits each */
    public static function of(string $time): int
    {
        return 60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2);
    }

    public static function text(int $minute): string
    {
        return sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
    }
}
