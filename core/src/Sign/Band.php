<?php

declare(strict_types=1);

namespace Core\Sign;

/** How the dog took one trial, in five grades. Says nothing of what it did: that is the outcome. */
enum Band: int
{
    /** Noticed it and stays loose; eats, offers behavior. */
    case Easy = 0;
    /** Notices, soft interest, eats gently: the working zone. */
    case Aware = 1;
    /** Holds together with effort; small stress signs, slower, takes food harder. */
    case Effort = 2;
    /** Several signs or one strong one: freeze, long stare, refuses food, tries to leave. */
    case Strain = 3;
    /** A reaction: bark, lunge, growl, snap, bite, flight. */
    case Over = 4;

    /** Calm enough for a trial to count as a success. */
    public function isBelowThreshold(): bool
    {
        return $this->value <= self::Aware->value;
    }

    public function atLeast(self $other): bool
    {
        return $this->value >= $other->value;
    }
}
