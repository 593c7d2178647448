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
    /** Ordered choices, easiest to hardest. */
    case Ordered = 'ordered';

    public function isMeasured(): bool
    {
        return $this !== self::Ordered;
    }

    /** True where a larger number is easier. */
    public function fallsWithValue(): bool
    {
        return $this === self::Distance;
    }
}
