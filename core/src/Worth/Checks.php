<?php

declare(strict_types=1);

namespace Core\Worth;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** Ranges that every criterion's arithmetic shares. */
final readonly class Checks
{
    /** @throws InvalidMeasure */
    public static function rate(float $rate): void
    {
        if (! ($rate >= 0.0 && $rate <= 1.0)) {
            throw InvalidMeasure::outOfRange(Quantity::SuccessRate, $rate, 0, 1);
        }
    }

    /** @throws InvalidMeasure */
    public static function trials(int $trials): void
    {
        if ($trials < 0 || $trials > 10_000) {
            throw InvalidMeasure::outOfRange(Quantity::Trials, $trials, 0, 10_000);
        }
    }
}
