<?php

declare(strict_types=1);

namespace Core\Chart;

/** The one way a number is written into a drawing: at most three decimals, never "-0" or "1.0E-5". */
final readonly class Number
{
    public static function format(float $value): string
    {
        return (string) (round($value, 3) + 0.0);
    }
}
