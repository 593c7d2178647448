<?php

declare(strict_types=1);

namespace Core\Yard;

/** What a learner does in the yard. */
enum Act: string
{
    case Nearer = 'nearer';
    case Farther = 'farther';
    /** Walks off, out of sight, until they return; a hand is taken off altogether. */
    case WalkOff = 'walk_off';
    case Return = 'return';
    case Mark = 'mark';
    case Feed = 'feed';
    case Cue = 'cue';
    case Count = 'count';
    /** The tool is shown where it is, before it comes nearer: the picture before the step. */
    case Show = 'show';

    /** Meters that a step is. */
    public const STEP = 2.0;
}
