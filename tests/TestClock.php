<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Support\Facades\Date;
use Psr\Clock\ClockInterface;

/** The clock of a test stands still until the test lets time pass (`$this->travel(5)->minutes()`): no test reads the real one. */
final class TestClock implements ClockInterface
{
    public const START = '2026-11-24 10:00:00 UTC';

    public function now(): \DateTimeImmutable
    {
        return Date::now()->toDateTimeImmutable()->setTimezone(new \DateTimeZone('UTC'));
    }
}
