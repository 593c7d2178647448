<?php

declare(strict_types=1);

namespace App\Support;

use Psr\Clock\ClockInterface;

/** The one place that asks what time it is. */
final class SystemClock implements ClockInterface
{
    public function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('now', new \DateTimeZone('UTC'));
    }
}
