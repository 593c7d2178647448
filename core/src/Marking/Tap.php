<?php

declare(strict_types=1);

namespace Core\Marking;

/** What a learner does. */
enum Tap: string
{
    case Mark = 'mark';
    case Food = 'food';
    /** Makes it easier. */
    case Easier = 'easier';
    /** Goes back to where it was. */
    case Back = 'back';
    /** Gives in the leash. */
    case Leash = 'leash';
    /** A step away from whoever comes. */
    case Step = 'step';
}
