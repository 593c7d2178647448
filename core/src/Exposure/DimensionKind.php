<?php

declare(strict_types=1);

namespace Core\Exposure;

/** How a dimension of difficulty is measured, and so how a value becomes a covariate. */
enum DimensionKind: string
{
    /** Meters; equal ratios are equal steps, as the visual angle is nearly h/d when far. */
    case Distance = 'distance';
    /** Seconds in view or held. */
    case Time = 'time';
    /** Meters a second toward the dog. */
    case Speed = 'speed';
    /** Part of a whole, 0 to 1: how deep the nose goes in. */
    case Share = 'share';
    /** Centimeters between a hand or an item and the dog; 0 is touching. */
    case Gap = 'gap';
    /** dB(A) at the dog; a sound is about twice as loud 10 dB up, for people (ISO 532, Stevens); unknown for dogs. */
    case SoundLevel = 'sound_level';
    /** Ordered choices, easiest to hardest. */
    case Ordered = 'ordered';

    public function isMeasured(): bool
    {
        return $this !== self::Ordered;
    }

    /** True where a larger number is easier. */
    public function fallsWithValue(): bool
    {
        return $this === self::Distance || $this === self::Gap;
    }
}
