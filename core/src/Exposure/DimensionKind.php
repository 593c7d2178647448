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

    /**
     * The values a measured dimension is searched over, easiest first: the ends of what can be set up and measured.
     *
     * @return ?array{float, float} null for ordered choices
     */
    public function range(): ?array
    {
        return match ($this) {
            self::Distance => [500.0, 0.3],
            self::Time => [0.0, 3600.0],
            self::Speed => [0.0, 10.0],
            self::Share => [0.0, 1.0],
            self::Gap => [300.0, 0.0],
            self::SoundLevel => [20.0, 80.0],
            self::Ordered => null,
        };
    }

    /**
     * How far two values may lie apart, in covariates, and still be the same to whoever stands there: three paces in a hundred, a decibel,
     * a finger's breadth. A working value; ordered choices are the same or not.
     */
    public function sameWithin(): float
    {
        return match ($this) {
            self::Distance => 0.05,
            self::Time => 0.2,
            self::Speed => 0.15,
            self::Share => 0.05,
            self::Gap => 0.15,
            self::SoundLevel => 0.05,
            self::Ordered => 0.0,
        };
    }
}
