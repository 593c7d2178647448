<?php

declare(strict_types=1);

namespace Core\Measure;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** A distance between dog and trigger, more than 0 and at most 500 m. */
final readonly class Distance
{
    public const MIN_METERS = 0.01;

    public const MAX_METERS = 500.0;

    private function __construct(public float $meters)
    {
    }

    /** @throws InvalidMeasure if not more than 0 and at most 500 m */
    public static function fromMeters(float $meters): self
    {
        if (! is_finite($meters)) {
            throw InvalidMeasure::notFinite(Quantity::Distance);
        }
        if ($meters < self::MIN_METERS || $meters > self::MAX_METERS) {
            throw InvalidMeasure::outOfRange(Quantity::Distance, $meters, self::MIN_METERS, self::MAX_METERS);
        }

        return new self($meters);
    }

    /** @throws InvalidMeasure if not more than 0 and at most 500 m */
    public static function from(float $amount, DistanceUnit $unit): self
    {
        return self::fromMeters($amount * $unit->meters());
    }

    public function as(DistanceUnit $unit): float
    {
        return $this->meters / $unit->meters();
    }

    /** How many times this distance has to be halved to reach the other; negative if the other is farther. */
    public function halvingsTo(self $other): float
    {
        return log($this->meters / $other->meters, 2.0);
    }

    /**
     * What a person would write on a ladder, and can pace out: whole meters (yards, feet) from ten on, halves from four, tenths under
     * that.
     *
     * Distance::fromMeters(7.8452)->rounded() is 8 m, of 12.13 it is 12 m, of 1.26 it is 1.3 m.
     */
    public function rounded(DistanceUnit $in = DistanceUnit::Meter): self
    {
        $amount = $this->as($in);
        $parts = match (true) {
            $amount >= 10.0 => 1.0,
            $amount >= 4.0 => 2.0,
            default => 10.0,
        };

        return self::from(max(0.1, round($amount * $parts) / $parts), $in);
    }
}
