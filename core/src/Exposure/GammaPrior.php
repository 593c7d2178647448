<?php

declare(strict_types=1);

namespace Core\Exposure;

use Core\Exception\InvalidCatalog;

/**
 * Gamma prior of a positive parameter (a slope, or a gap between cut points).
 *
 * With shape a > 1 its log density (a − 1)·ln x − rate·x is strictly concave, and the Laplace standard deviation is at
 * most x/√(a − 1): that is what keeps risk bounds from falling as a dimension gets harder.
 */
final readonly class GammaPrior
{
    private function __construct(public float $shape, public float $rate)
    {
    }

    /** @throws InvalidCatalog if the shape is not over 1 or the mean not positive */
    public static function withMean(float $shape, float $mean): self
    {
        if ($shape <= 1.0 || $mean <= 0.0) {
            throw InvalidCatalog::contradiction('gamma-prior', 'shape-over-1-and-mean-positive');
        }

        return new self($shape, $shape / $mean);
    }

    /** The same shape, its mean times a positive factor. */
    public function scaled(float $factor): self
    {
        return new self($this->shape, $this->rate / $factor);
    }

    public function mode(): float
    {
        return ($this->shape - 1.0) / $this->rate;
    }
}
