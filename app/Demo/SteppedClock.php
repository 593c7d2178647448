<?php

declare(strict_types=1);

namespace App\Demo;

use Psr\Clock\ClockInterface;

/** A clock that is set by hand, so that a made-up history is written through the same code as a real one. */
final class SteppedClock implements ClockInterface
{
    public function __construct(private \DateTimeImmutable $now)
    {
    }

    public function now(): \DateTimeImmutable
    {
        return $this->now;
    }

    public function set(\DateTimeImmutable $now): void
    {
        $this->now = $now;
    }

    public function pass(float $seconds): void
    {
        $this->now = $this->now->modify(sprintf('+%d milliseconds', (int) round($seconds * 1000)));
    }
}
