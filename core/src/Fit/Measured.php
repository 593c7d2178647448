<?php

declare(strict_types=1);

namespace Core\Fit;

use Core\Exception\InvalidMeasure;

/** Ranges that tape measures share. */
final readonly class Measured
{
    /**
     * @param  array<string, ?float>  $centimeters  by name; null was not measured
     *
     * @throws InvalidMeasure if one is not 0.5 to 150 cm
     */
    public static function check(array $centimeters): void
    {
        foreach ($centimeters as $name => $value) {
            if ($value !== null && ! ($value >= 0.5 && $value <= 150.0)) {
                throw InvalidMeasure::outOfRange($name, $value, 0.5, 150, 'cm');
            }
        }
    }
}
