<?php

declare(strict_types=1);

namespace Core\Sign;

/** Signs that rules name, of the many in the catalog. A catalog without one of them does not load: a rule must not die silently. */
enum SignKey: string
{
    case Bite = 'bite';
    case Growl = 'growl';
    case Snap = 'snap';
    case Freeze = 'freeze';
    case Stiff = 'stiff';
    /** Ears fixed, brow wrinkled: a dog that hides its signs is loading. */
    case Loading = 'brow.wrinkled';
    case WhaleEye = 'whale.eye';
    case LipLift = 'lip.lift';
    case FoodRefused = 'eat.refuse';
    case FoodTakenHard = 'eat.hard';
    case FoodTakenGently = 'eat.gentle';
    case CueFailed = 'cue.fail';
    case MarkIgnored = 'mark.ignore';
    case SlowToTurn = 'slow.mark';
    case SlowWalk = 'slow.walk';
    case Mouthy = 'mouthy';
    /** Neither from heat nor from work. */
    case HeavyPanting = 'pant.heavy';
}
