<?php

declare(strict_types=1);

namespace Core\Field;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** What a place and a pass can be, checked in one place so that every error names its measure. */
final readonly class Measures
{
    private const MAX_METERS = 500.0;

    private const MAX_SPEED = 15.0;

    /**
     * @param  float  $least  0.1 where nothing at all makes no sense
     *
     * @throws InvalidMeasure naming it
     */
    public static function meters(Quantity $quantity, float $meters, float $least = 0.1): float
    {
        return $meters >= $least && $meters <= self::MAX_METERS
            ? $meters
            : throw InvalidMeasure::outOfRange($quantity, $meters, $least, self::MAX_METERS);
    }

    /** @throws InvalidMeasure naming it */
    public static function speed(Quantity $quantity, float $metersPerSecond): float
    {
        return $metersPerSecond >= 0.1 && $metersPerSecond <= self::MAX_SPEED
            ? $metersPerSecond
            : throw InvalidMeasure::outOfRange($quantity, $metersPerSecond, 0.1, self::MAX_SPEED);
    }

    /** @throws InvalidMeasure naming it */
    public static function seconds(Quantity $quantity, float $seconds): float
    {
        return $seconds >= 0.0 && $seconds <= 60.0 ? $seconds : throw InvalidMeasure::outOfRange($quantity, $seconds, 0, 60);
    }
}
