<?php

declare(strict_types=1);

namespace Core\Sound;

/** A recording that ships: made by computation, so that it is nobody's property and the same everywhere. */
enum Recording: string
{
    case Rumble = 'rumble';
    case Clipper = 'clipper';
    case Buckle = 'buckle';
    case Doorbell = 'doorbell';
    case Crackle = 'crackle';

    /** Seconds of the recording; a longer sound goes round it again. */
    public function seconds(): float
    {
        return match ($this) {
            self::Rumble => 6.0,
            self::Clipper => 2.0,
            self::Buckle => 1.5,
            self::Doorbell => 2.5,
            self::Crackle => 5.0,
        };
    }
}
