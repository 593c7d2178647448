<?php

declare(strict_types=1);

namespace Core\Planning;

/** A bound that a ladder may not go beyond. */
enum LadderBound: string
{
    /** A hold is no longer than its session. */
    case Session = 'session';
    /** Hands keep off some parts of this dog. */
    case HandsOff = 'hands_off';
    /** A sound stays under the ceiling at the dog. */
    case Ceiling = 'ceiling';
}
