<?php

declare(strict_types=1);

namespace Core\Gear;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** Ranges that tape measures share. */
final readonly class Measurement
{
    /**
     * @param  list<array{Quantity, ?float}>  $centimeters  null was not measured
     *
     * @throws InvalidMeasure if one is not 0.5 to 150 cm
     */
    public static function check(array $centimeters): void
    {
        foreach ($centimeters as [$quantity, $value]) {
            if ($value !== null && ! ($value >= 0.5 && $value <= 150.0)) {
                throw InvalidMeasure::outOfRange($quantity, $value, 0.5, 150);
            }
        }
    }
}
