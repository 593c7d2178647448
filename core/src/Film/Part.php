<?php

declare(strict_types=1);

namespace Core\Film;

/** What is in one state or another at every moment of a film, and the states a grader tells it by. */
enum Part: string
{
    case Gaze = 'gaze';
    case Ears = 'ears';
    case Brow = 'brow';
    case Mouth = 'mouth';
    case Leash = 'leash';
    case Position = 'position';
    case Mat = 'mat';

    /** Where a gaze rests that is a stare: on what the plan is about, or on some other thing. */
    public const STARES = ['trigger', 'thing'];

    /** @return non-empty-list<string> in the order a key goes through them */
    public function states(): array
    {
        return match ($this) {
            self::Gaze => ['trigger', 'handler', 'ground', 'away', 'thing'],
            self::Ears => ['forward', 'neutral', 'back'],
            self::Brow => ['wrinkled', 'smooth'],
            self::Mouth => ['closed', 'loose', 'panting'],
            self::Leash => ['tight', 'slack'],
            self::Position => ['held', 'left'],
            self::Mat => ['on', 'off'],
        };
    }
}
