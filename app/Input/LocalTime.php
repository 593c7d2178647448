<?php

declare(strict_types=1);

namespace App\Input;

use Illuminate\Support\Carbon;

/** A day and a time on the clock, where the reader is. */
final readonly class LocalTime
{
    /**
     * @param  string  $day  2026-11-24
     * @param  string  $time  08:30
     * @return \DateTimeImmutable in UTC
     */
    public static function of(string $day, string $time): \DateTimeImmutable
    {
        return Carbon::createFromFormat('Y-m-d H:i', "{$day} {$time}", words()->reader->zone)
            ?->startOfMinute()->utc()->toDateTimeImmutable() ?? throw new \LogicException('Both were checked.');
    }
}
