<?php

declare(strict_types=1);

namespace Core\Measure;

/** The units in which a user reads and types distances. */
enum DistanceUnit: string
{
    case Meter = 'm';
    case Yard = 'yd';
    case Foot = 'ft';

    /** Exact by the international yard and pound agreement of 1959. */
    public function meters(): float
    {
        return match ($this) {
            self::Meter => 1.0,
            self::Yard => 0.9144,
            self::Foot => 0.3048,
        };
    }
}
