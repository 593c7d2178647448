<?php

declare(strict_types=1);

namespace Core\Measure;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/**
 * A share of successes with the range that its few trials leave open: the score interval.
 *
 * @see Wilson, E. B. (1927). Probable inference, the law of succession, and statistical inference. JASA 22, 209–212.
 */
final readonly class ShareInterval
{
    private function __construct(public int $successes, public int $trials, public float $lower, public float $upper)
    {
    }

    /**
     * @param  float  $quantile  of the standard normal; 1.959964 for two-sided 95 %
     *
     * @throws InvalidMeasure if there is no trial, or more successes than trials
     */
    public static function wilson(int $successes, int $trials, float $quantile = 1.959963984540054): self
    {
        if ($trials < 1) {
            throw InvalidMeasure::outOfRange(Quantity::Trials, $trials, 1, 1e6);
        }
        if ($successes < 0 || $successes > $trials) {
            throw InvalidMeasure::outOfRange(Quantity::Successes, $successes, 0, $trials);
        }
        $share = $successes / $trials;
        $square = $quantile ** 2;
        $center = ($share + $square / (2 * $trials)) / (1 + $square / $trials);
        $half = $quantile / (1 + $square / $trials) * sqrt($share * (1 - $share) / $trials + $square / (4 * $trials ** 2));

        // exact at the ends, where rounding would leave a hair
        return new self($successes, $trials, $successes === 0 ? 0.0 : $center - $half, $successes === $trials ? 1.0 : $center + $half);
    }
}
