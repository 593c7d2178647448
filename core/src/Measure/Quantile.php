<?php

declare(strict_types=1);

namespace Core\Measure;

/**
 * Quantile of a sample, straight between neighboring order statistics: type 7, the default of R.
 *
 * @see Hyndman, R. J., & Fan, Y. (1996). Sample quantiles in statistical packages. The American Statistician 50, 361–365.
 */
final readonly class Quantile
{
    /**
     * @param  non-empty-list<float>  $values  in any order
     * @param  float  $share  0 to 1
     */
    public static function of(array $values, float $share): float
    {
        sort($values);
        $at = $share * (count($values) - 1);
        $below = (int) floor($at);

        return $values[$below] + ($at - $below) * ($values[min($below + 1, count($values) - 1)] - $values[$below]);
    }
}
