<?php

declare(strict_types=1);

namespace Core\Food;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;
use Core\Measure\Share;

/**
 * What a dog may eat in a day, and how much of it in treats.
 *
 * Resting energy 70·kg^0.75 kcal a day (Kleiber; from memory), times the factor of its life stage. A working figure: the body in front of
 * you and the vet go first.
 */
final readonly class DailyEnergy
{
    /**
     * @param  float  $resting  kcal a day
     * @param  float  $need  kcal a day
     * @param  float  $treats  kcal a day in treats that do not come off the meal
     */
    private function __construct(public float $resting, public float $need, public float $treats)
    {
    }

    /** @throws InvalidMeasure if the weight is not 0.5 to 120 kg */
    public static function of(float $kilograms, LifeStage $stage, Share $treatShare): self
    {
        $resting = self::resting($kilograms);

        return new self($resting, $resting * $stage->factor, $resting * $stage->factor * $treatShare->value);
    }

    /** @throws InvalidMeasure if the weight is not 0.5 to 120 kg */
    public static function resting(float $kilograms): float
    {
        return $kilograms >= 0.5 && $kilograms <= 120.0
            ? 70.0 * $kilograms ** 0.75
            : throw InvalidMeasure::outOfRange(Quantity::Weight, $kilograms, 0.5, 120);
    }
}
