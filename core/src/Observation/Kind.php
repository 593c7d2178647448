<?php

declare(strict_types=1);

namespace Core\Observation;

/** What is noted in a session without a ladder: one tap each. */
enum Kind: string
{
    /** Attention offered unasked, marked and fed. */
    case Looked = 'looked';
    /** At something, and back to the handler. */
    case LookedBack = 'looked_back';
    /** A mark, and the dog did not turn to it. */
    case Unanswered = 'unanswered';
    case Startled = 'startled';
    /** Held on something: has seconds, and at what. */
    case Stare = 'stare';
    case Tight = 'tight';
    /** The leash was tight, and the dog gave. */
    case Gave = 'gave';
    /** From here on another stretch: says which by SegmentKind. */
    case Segment = 'segment';
    case AtOnce = 'at_once';
    case Late = 'late';
    case Not = 'not';
    /** A step of something, shown once or twice: has its words and a band. */
    case Shown = 'shown';
    /** A part of the body under the hand: has its area, side and a band. */
    case Part = 'part';
    /** The handler's own slip: says which. */
    case Mistake = 'mistake';
    case Left = 'left';
    case Reacted = 'reacted';

    /** Whether it says how hard it was. */
    public function hasBand(): bool
    {
        return $this === self::Shown || $this === self::Part;
    }
}
