<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** Ways between places. */
final readonly class Travel
{
    /** @param  array<int, array<int, int>>  $minutes  from place to place; the way back is as long unless it is given */
    public function __construct(private array $minutes = [], private int $otherwise = 0)
    {
    }

    public function minutes(int $from, int $to): int
    {
        return $from === $to ? 0 : $this->minutes[$from][$to] ?? $this->minutes[$to][$from] ?? $this->otherwise;
    }

    public function slots(int $from, int $to): int
    {
        return DayGrid::slots($this->minutes($from, $to));
    }
}
