<?php

declare(strict_types=1);

namespace Core\Measure;

/**
 * A median with the range that its few values leave open: two order statistics that hold it with at least 95 %, whatever the values'
 * distribution, by the binomial with one half. Under six values there is no such pair.
 *
 * MedianInterval::of([1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 8.0, 9.0]) runs from the second to the eighth: 2.0 to 8.0.
 *
 * @see Conover, W. J. (1999). Practical Nonparametric Statistics, 3rd ed., section 3.2.
 */
final readonly class MedianInterval
{
    private const OUTSIDE = 0.025;

    private function __construct(public float $median, public ?float $lower, public ?float $upper, public int $values)
    {
    }

    /** @param  non-empty-list<float>  $values  in any order */
    public static function of(array $values): self
    {
        sort($values);
        $count = count($values);
        $below = self::leftOut($count);

        return new self(
            Median::of($values), $below === null ? null : $values[$below], $below === null ? null : $values[$count - 1 - $below], $count,
        );
    }

    /** Values left out on either side; null where even the least and the greatest hold it with less. */
    public static function leftOut(int $count): ?int
    {
        $outside = 0.5 ** $count;
        if ($outside > self::OUTSIDE) {
            return null;
        }
        $term = $outside;
        for ($out = 0; $out < $count; $out++) {
            $term *= ($count - $out) / ($out + 1);
            if ($outside + $term > self::OUTSIDE) {
                return $out;
            }
            $outside += $term;
        }

        return null;
    }
}
