<?php

declare(strict_types=1);

namespace Core\Measure;

/**
 * ψ(x) = d ln Γ(x) / dx.
 *
 * @see Abramowitz, M. & Stegun, I. A. (1964). Handbook of Mathematical Functions, 6.3.5 (recurrence) and 6.3.18 (asymptotic expansion).
 */
final readonly class Digamma
{
    /** From here on six terms of the expansion leave less than 1e-12. */
    private const FROM = 8.0;

    /** @param  float  $x  over 0; of(1.0) is −0.57722 (Euler's constant) */
    public static function of(float $x): float
    {
        $below = 0.0;
        for (; $x < self::FROM; $x++) {
            $below += 1.0 / $x;
        }
        $square = 1.0 / ($x * $x);
        $series = 0.0;
        foreach ([691 / 32760, -1 / 132, 1 / 240, -1 / 252, 1 / 120, -1 / 12] as $term) {
            $series = $square * ($term + $series);
        }

        return log($x) - 0.5 / $x + $series - $below;
    }
}
