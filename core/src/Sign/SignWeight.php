<?php

declare(strict_types=1);

namespace Core\Sign;

/** What one sign adds to the sum that the proposed band is read from. */
enum SignWeight: string
{
    /** Cancels one small sign, never a medium or strong one. */
    case Comfort = 'comfort';
    case Neutral = 'neutral';
    /** Asks for the end of the session, not for an easier step. */
    case Tiredness = 'tiredness';
    case Small = 'small';
    case Medium = 'medium';
    case Strong = 'strong';
    /** Band 4 at once. */
    case Reaction = 'reaction';

    public function points(): int
    {
        return match ($this) {
            self::Comfort, self::Neutral, self::Tiredness => 0,
            self::Small => 1,
            self::Medium => 2,
            self::Strong, self::Reaction => 4,
        };
    }
}
