<?php

declare(strict_types=1);

namespace Core\Marking;

/** One thing to work on in the next round: the first that is true, worst first. */
enum OneThing: string
{
    case WaitForIt = 'wait_for_it';
    case NoMarks = 'no_marks';
    case Foresee = 'foresee';
    case NotYet = 'not_yet';
    case DidNotMark = 'did_not_mark';
    case OneMark = 'one_mark';
    case HandStill = 'hand_still';
    case Pay = 'pay';
    case OtherHand = 'other_hand';
    case ALittleEarlier = 'a_little_earlier';
    case NextDrill = 'next_drill';
    case Steady = 'steady';
}
