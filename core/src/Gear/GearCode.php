<?php

declare(strict_types=1);

namespace Core\Gear;

/** What measurements say of an item on a dog. Said in words at the edge (lang/en/fit.php), lengths in the reader's unit. */
enum GearCode: string
{
    case ShortNosed = 'short-nosed';
    case OpenLessThanClosed = 'open-less-than-closed';
    case HeightNotInGirth = 'height-not-in-girth';
    case NoseTouches = 'nose-touches';
    case NoseFarBack = 'nose-far-back';
    case NoseFree = 'nose-free';
    case NoRoomAround = 'no-room-around';
    case RoomAround = 'room-around';
    case NoRoomHigh = 'no-room-high';
    case RoomHigh = 'room-high';
    case NeckWider = 'neck-wider';
    case TooTight = 'too-tight';
    case CollarLoose = 'collar-loose';
    case TwoFingers = 'two-fingers';
    case MaySlipOff = 'may-slip-off';
    case StaysOn = 'stays-on';
    case TightIsNotNeck = 'tight-is-not-neck';
    case TightIsNeck = 'tight-is-neck';
    case OpenTooSmall = 'open-too-small';
    case OpenGoesOver = 'open-goes-over';
    case StrapShort = 'strap-short';
    case HarnessLoose = 'harness-loose';
    case ElbowRubs = 'elbow-rubs';
    case ElbowFree = 'elbow-free';
    case LegsFree = 'legs-free';
    case ShoulderCrossed = 'shoulder-crossed';

    public function verdict(): Verdict
    {
        return match ($this) {
            self::NoseFree, self::RoomAround, self::RoomHigh, self::TwoFingers, self::StaysOn, self::TightIsNeck, self::OpenGoesOver,
            self::ElbowFree, self::LegsFree => Verdict::Good,
            self::OpenLessThanClosed, self::HeightNotInGirth, self::NeckWider, self::StrapShort => Verdict::Ask,
            self::NoseFarBack, self::CollarLoose, self::HarnessLoose => Verdict::Look,
            default => Verdict::Change,
        };
    }
}
