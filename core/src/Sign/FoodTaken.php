<?php

declare(strict_types=1);

namespace Core\Sign;

/** How the dog took the food of one trial. */
enum FoodTaken: string
{
    case Gently = 'gently';
    case Hard = 'hard';
    case Dropped = 'dropped';
    case Refused = 'refused';
    case NotOffered = 'not_offered';

    public function label(): string
    {
        return match ($this) {
            self::Gently => 'gently',
            self::Hard => 'hard, snatching',
            self::Dropped => 'dropped it',
            self::Refused => 'refused',
            self::NotOffered => 'none offered',
        };
    }

    /** The sign that this way of eating is, so that food need not be ticked twice. */
    public function asSign(): ?string
    {
        return match ($this) {
            self::Gently => 'eat.gentle',
            self::Hard => 'eat.hard',
            self::Refused => 'eat.refuse',
            self::Dropped, self::NotOffered => null,
        };
    }
}
