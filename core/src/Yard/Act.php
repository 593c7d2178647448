<?php

declare(strict_types=1);

namespace Core\Yard;

/** What a learner does in the yard. */
enum Act: string
{
    case Nearer = 'nearer';
    case Farther = 'farther';
    /** Walks off, out of sight, until they return. */
    case WalkOff = 'walk_off';
    case Return = 'return';
    case Mark = 'mark';
    case Feed = 'feed';
    case Cue = 'cue';
    case Count = 'count';

    /** Meters that a step is. */
    public const STEP = 2.0;
}
