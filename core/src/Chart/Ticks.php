<?php

declare(strict_types=1);

namespace Core\Chart;

/**
 * Round numbers for an axis: whole multiples of 1, 2 or 5 × 10ⁿ.
 *
 * @see d3-array, tickSpec (Mike Bostock): the rule for the size of a step is taken from there.
 */
final readonly class Ticks
{
    /**
     * @param  positive-int  $about  how many are wanted, roughly
     * @return list<float> ascending, all within the interval; empty if it has no width
     */
    public static function linear(float $from, float $to, int $about): array
    {
        if (! ($to > $from)) {
            return [];
        }
        $rough = ($to - $from) / $about;
        $power = floor(log10($rough));
        $error = $rough / 10.0 ** $power;
        $factor = match (true) {
            $error >= sqrt(50.0) => 10.0,
            $error >= sqrt(10.0) => 5.0,
            $error >= sqrt(2.0) => 2.0,
            default => 1.0,
        };
        // below 1 divide by a whole number, so that 0.3 is not 0.30000000000000004
        $isFraction = $power < 0.0;
        $size = $isFraction ? 10.0 ** -$power / $factor : 10.0 ** $power * $factor;
        $first = (int) ceil($isFraction ? $from * $size - 1e-9 : $from / $size - 1e-9);
        $last = (int) floor($isFraction ? $to * $size + 1e-9 : $to / $size + 1e-9);
        $ticks = [];
        for ($i = $first; $i <= $last; $i++) {
            $ticks[] = $isFraction ? $i / $size : $i * $size;
        }

        return $ticks;
    }

    /**
     * 1, 2 and 5 times powers of ten, for a logarithmic axis of distances.
     *
     * @return list<float> ascending, all within the interval
     */
    public static function logarithmic(float $from, float $to): array
    {
        $ticks = [];
        for ($power = -1; $power <= 3; $power++) {
            foreach ([1.0, 2.0, 5.0] as $factor) {
                $tick = $factor * 10.0 ** $power;
                if ($tick >= $from - 1e-9 && $tick <= $to + 1e-9) {
                    $ticks[] = $tick;
                }
            }
        }

        return $ticks;
    }
}
