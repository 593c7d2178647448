<?php

declare(strict_types=1);

namespace Core\Decision;

/** What to do next. */
enum Action: string
{
    /** Begin the session here. */
    case Start = 'start';
    /** Three seconds at most, to learn where the dog stands; at most three, in a plan's first session. */
    case Peek = 'peek';
    case Advance = 'advance';
    case Repeat = 'repeat';
    /** One repetition that is sure to go well. */
    case EasyWin = 'easy_win';
    /** One easy repetition among hard ones, on purpose. */
    case EasyBetween = 'easy_between';
    /** Keep the distance and change something else. */
    case ChangeOther = 'change_other';
    case Ease = 'ease';
    /** Hands away, an item drawn off slowly; wait until it is loose and eats. The next level is for then. */
    case HandsOff = 'hands_off';
    /** Half the step. */
    case Split = 'split';
    /** Out of sight; after a reaction until the dog eats and can do a cue. */
    case Break = 'break';
    case EndWell = 'end_well';
    /** Before the first trial: not this today; what to do instead. */
    case NotHere = 'not_here';
    /** End now, and no more advice until a named person has looked at it. */
    case Stop = 'stop';
    /** No trial before a named person, a vet or a qualified behavior professional has looked at the dog. */
    case Refer = 'refer';

    /** True where no further trial is asked for. */
    public function endsSession(): bool
    {
        return $this === self::EndWell || $this === self::NotHere || $this === self::Stop || $this === self::Refer;
    }
}
