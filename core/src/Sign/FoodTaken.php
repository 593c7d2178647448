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
    /** Not at first, but a moment later: it came back down. */
    case Later = 'later';
    case NotOffered = 'not_offered';

    /** The sign that this way of eating is, so that food need not be ticked twice. */
    public function asSign(): ?SignKey
    {
        return match ($this) {
            self::Gently => SignKey::FoodTakenGently,
            self::Hard, self::Later => SignKey::FoodTakenHard,
            self::Refused => SignKey::FoodRefused,
            self::Dropped, self::NotOffered => null,
        };
    }
}
