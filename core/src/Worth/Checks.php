<?php

declare(strict_types=1);

namespace Core\Worth;

use Core\Exception\InvalidMeasure;

/** Ranges that every criterion's arithmetic shares. */
final readonly class Checks
{
    /** @throws InvalidMeasure */
    public static function rate(float $rate): void
    {
        if (! ($rate >= 0.0 && $rate <= 1.0)) {
            throw InvalidMeasure::outOfRange('The success rate', $rate, 0, 1, '');
        }
    }

    /** @throws InvalidMeasure */
    public static function trials(int $trials): void
    {
        if ($trials < 0 || $trials > 10_000) {
            throw InvalidMeasure::outOfRange('The number of trials', $trials, 0, 10_000, '');
        }
    }
}
