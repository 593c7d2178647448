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

    /** @return list<Act> what can be done in it */
    public function acts(): array
    {
        return match ($this) {
            self::Path => [Act::Nearer, Act::Farther, Act::WalkOff, Act::Return, Act::Mark, Act::Feed, Act::Cue, Act::Count],
            self::Hands => [Act::Nearer, Act::Farther, Act::WalkOff, Act::Show, Act::Mark, Act::Feed],
        };
    }
}
