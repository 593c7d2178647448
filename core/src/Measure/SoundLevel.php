<?php

declare(strict_types=1);

namespace Core\Measure;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/**
 * Levels in dB(A). Free field, a point source: 6.02 dB less for each doubling of distance. Rooms and wind differ; measure where it matters.
 */
final readonly class SoundLevel
{
    /** At the dog, without being asked. Common practice; dogs hear more than we do. */
    public const USUAL_CEILING = 65.0;

    /** Above this it must be confirmed. */
    public const CONFIRM_ABOVE = 70.0;

    /** Never above this. */
    public const NEVER_ABOVE = 80.0;

    /** Decibels from one step of a plan to the next, at most. Common practice. */
    public const USUAL_STEP = 3.0;

    /**
     * L(r) = L(r_0) − 20·log10(r/r_0).
     *
     * @throws InvalidMeasure if a distance is not positive
     */
    public static function atDistance(float $level, float $measuredAt, float $distance): float
    {
        foreach ([[Quantity::MeasuredAt, $measuredAt], [Quantity::Distance, $distance]] as [$quantity, $meters]) {
            if (! ($meters >= 0.1 && $meters <= 500.0)) {
                throw InvalidMeasure::outOfRange($quantity, $meters, 0.1, 500);
            }
        }

        return $level - 20.0 * log10($distance / $measuredAt);
    }

    /**
     * Sources that sound together: 10·log10 Σ 10^(L/10); two equal ones give 3.01 dB more.
     *
     * @param  non-empty-list<float>  $levels
     */
    public static function sum(array $levels): float
    {
        return 10.0 * log10(array_sum(array_map(static fn (float $level): float => 10.0 ** ($level / 10.0), $levels)));
    }

    /**
     * Gain of a linear player at a fraction of its full scale, in dB: 20·log10(fraction).
     *
     * @throws InvalidMeasure if the fraction is not over 0 to 1
     */
    public static function gain(float $fraction): float
    {
        return $fraction > 0.0 && $fraction <= 1.0
            ? 20.0 * log10($fraction)
            : throw InvalidMeasure::outOfRange(Quantity::PlayerShare, $fraction, 0.001, 1);
    }

    /** Fraction of a linear player's full scale that lowers its level by so much. */
    public static function fraction(float $gain): float
    {
        return 10.0 ** ($gain / 20.0);
    }

    /**
     * A ceiling as a plan may set it.
     *
     * @throws InvalidMeasure above 80 dB(A), under 30, or above 70 without having been confirmed
     */
    public static function ceiling(float $level, bool $isConfirmed = false): float
    {
        $most = $isConfirmed ? self::NEVER_ABOVE : self::CONFIRM_ABOVE;

        return $level >= 30.0 && $level <= $most
            ? $level
            : throw InvalidMeasure::outOfRange($isConfirmed ? Quantity::Ceiling : Quantity::CeilingUnconfirmed, $level, 30, $most);
    }

    /**
     * Levels from barely heard to the goal, in equal steps of at most three decibels.
     *
     * @return non-empty-list<float>
     *
     * @throws InvalidMeasure if the goal is not over the start
     */
    public static function steps(float $from, float $to, float $size = self::USUAL_STEP): array
    {
        if (! ($to > $from)) {
            throw InvalidMeasure::outOfRange(Quantity::LevelGoal, $to, $from, self::NEVER_ABOVE);
        }
        $count = max(1, (int) ceil(($to - $from) / $size - 1e-9));

        return array_map(static fn (int $i): float => $from + ($to - $from) * $i / $count, range(0, $count));
    }
}
