<?php

declare(strict_types=1);

namespace Words;

use Core\Measure\DistanceUnit;

/** The units somebody reads and types in, and the clock: set by the practice, changed by each user. */
final readonly class Units
{
    /**
     * @param  DistanceUnit  $distance  m, yd or ft
     * @param  bool  $isImperial  pounds, ounces, inches and miles per hour in place of kilograms, grams, centimeters and meters per second
     * @param  bool  $isClock24  18:05 in place of 6:05 PM
     */
    public function __construct(
        public DistanceUnit $distance = DistanceUnit::Meter, public bool $isImperial = false, public bool $isClock24 = false,
    ) {
    }

    /** The unit in which a measure kept in this one is typed and read: "in" for "cm" where the reader uses inches. */
    public function toDisplayed(string $metric): string
    {
        return $this->isImperial ? self::IMPERIAL[$metric][0] ?? $metric : $metric;
    }

    /** What was typed in the shown unit, in the one it is kept in. */
    public function toMetric(float $typed, string $metric): float
    {
        return $this->isImperial ? $typed * (self::IMPERIAL[$metric][1] ?? 1.0) : $typed;
    }

    public function fromMetric(float $kept, string $metric): float
    {
        return $this->isImperial ? $kept / (self::IMPERIAL[$metric][1] ?? 1.0) : $kept;
    }

    public const KILOGRAMS_PER_POUND = 0.45359237;

    public const GRAMS_PER_OUNCE = 28.349523125;

    public const CENTIMETERS_PER_INCH = 2.54;

    /** Exact: 1609.344 m an hour. */
    public const METERS_PER_SECOND_PER_MPH = 0.44704;

    /** Unit and its size, by the metric unit that it stands for. */
    private const IMPERIAL = [
        'cm' => ['in', self::CENTIMETERS_PER_INCH], 'kg' => ['lb', self::KILOGRAMS_PER_POUND], 'g' => ['oz', self::GRAMS_PER_OUNCE],
        'kcal/g' => ['kcal/oz', 1.0 / self::GRAMS_PER_OUNCE], 'm/s' => ['mph', self::METERS_PER_SECOND_PER_MPH],
    ];
}
