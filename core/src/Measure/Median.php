<?php

declare(strict_types=1);

namespace Core\Measure;

/** Half of the values lie on either side. */
final readonly class Median
{
    /** @param  non-empty-list<float>  $values  in any order */
    public static function of(array $values): float
    {
        sort($values);
        $count = count($values);
        $upper = $values[intdiv($count, 2)];

        return $count % 2 === 1 ? $upper : ($values[intdiv($count, 2) - 1] + $upper) / 2.0;
    }
}
