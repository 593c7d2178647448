<?php

declare(strict_types=1);

namespace Core\Ladder;

/** What the dog is asked to do with its body. Free is the default: its own choice of position is information. */
enum DogPosture: string
{
    case Free = 'free';
    case KnownCue = 'known_cue';
    case Station = 'station';
    case Held = 'held';
}
