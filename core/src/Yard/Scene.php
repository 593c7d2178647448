<?php

declare(strict_types=1);

namespace Core\Yard;

/** What a dog of the yard is practiced with. */
enum Scene: string
{
    /** Somebody passes, and the learner stands nearer or farther. */
    case Path = 'path';
    /** The dog rests its chin at a station, and a hand with a tool comes. */
    case Hands = 'hands';

    /** Halvings of the distance that take a dog from nothing to over; a hand's trust buys more than two of them. */
    public function halvings(): float
    {
        return match ($this) {
            self::Path => 2.4,
            self::Hands => 6.0,
        };
    }

    /** @return list<Act> what can be done in it */
    public function acts(): array
    {
        return match ($this) {
            self::Path => [Act::Nearer, Act::Farther, Act::WalkOff, Act::Return, Act::Mark, Act::Feed, Act::Cue, Act::Count],
            self::Hands => [Act::Nearer, Act::Farther, Act::WalkOff, Act::Show, Act::Mark, Act::Feed],
        };
    }
}
