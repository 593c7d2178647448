<?php

declare(strict_types=1);

namespace Core\Worth;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;
use Core\Measure\Median;
use Core\Measure\ShareInterval;

/** Holds of one position or contact against their target. */
final readonly class HoldRecord
{
    /** @param  ShareInterval  $reached  share that lasted to the target, with its range */
    private function __construct(public float $best, public float $median, public ShareInterval $reached)
    {
    }

    /**
     * @param  list<float>  $seconds  one for each hold
     * @param  float  $target  seconds asked for
     *
     * @throws InvalidMeasure if there is no hold, or one is not 0 to 3600 s
     */
    public static function of(array $seconds, float $target): self
    {
        foreach ([$target, ...$seconds] as $value) {
            if (! ($value >= 0.0 && $value <= 3600.0)) {
                throw InvalidMeasure::outOfRange(Quantity::Hold, $value, 0, 3600);
            }
        }
        $count = count($seconds);
        $reached = ShareInterval::wilson(count(array_filter($seconds, static fn (float $value): bool => $value >= $target)), $count);

        return $seconds === []
            ? throw InvalidMeasure::outOfRange(Quantity::Holds, 0, 1, PHP_INT_MAX)
            : new self(max($seconds), Median::of($seconds), $reached);
    }
}
