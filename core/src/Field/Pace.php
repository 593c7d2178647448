<?php

declare(strict_types=1);

namespace Core\Field;

/** Speeds to choose from, each editable. From memory. */
enum Pace: string
{
    case Stroll = 'stroll';
    case Walk = 'walk';
    case Jog = 'jog';
    case Cycle = 'cycle';
    case Scooter = 'scooter';

    public function metersPerSecond(): float
    {
        return match ($this) {
            self::Stroll => 1.0,
            self::Walk => 1.4,
            self::Jog => 2.7,
            self::Cycle => 4.5,
            self::Scooter => 5.5,
        };
    }
}
