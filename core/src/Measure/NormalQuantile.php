<?php

declare(strict_types=1);

namespace Core\Measure;

/**
 * Quantile of the standard normal, by the rational approximation of algorithm AS 241 (PPND7), good to seven figures.
 *
 * @see Wichura, M. J. (1988). Algorithm AS 241: The percentage points of the normal distribution. Applied Statistics 37, 477–484.
 *    Coefficients from memory, checked against printed tables in the tests.
 */
final readonly class NormalQuantile
{
    /** @param  float  $probability  above 0 and under 1 */
    public static function of(float $probability): float
    {
        $q = $probability - 0.5;
        if (abs($q) <= 0.425) {
            $r = 0.180625 - $q * $q;

            return $q * (((5.9109374720e1 * $r + 1.5929113202e2) * $r + 5.0434271938e1) * $r + 3.3871327179)
                / (((6.7187563600e1 * $r + 7.8757757664e1) * $r + 1.7895169469e1) * $r + 1.0);
        }
        $r = sqrt(-log($q < 0.0 ? $probability : 1.0 - $probability));
        if ($r <= 5.0) {
            $r -= 1.6;
            $value = (((1.7023821103e-1 * $r + 1.3067284816) * $r + 2.7568153900) * $r + 1.4234372777)
                / ((1.2021132975e-1 * $r + 7.3700164250e-1) * $r + 1.0);
        } else {
            $r -= 5.0;
            $value = (((1.7337203997e-2 * $r + 4.2868294337e-1) * $r + 3.0812263860) * $r + 6.6579051150)
                / ((1.2258202635e-2 * $r + 2.4197894225e-1) * $r + 1.0);
        }

        return $q < 0.0 ? -$value : $value;
    }
}
