<?php

declare(strict_types=1);

namespace Core\Exposure;

use Core\Exception\InvalidCatalog;
use Core\Measure\Digamma;

/**
 * Gamma prior of a positive parameter (a slope, or a gap between cut points).
 *
 * The density of its logarithm, a·ln x − rate·x, is strictly concave and largest at the mean; the Laplace standard deviation is at most
 * x/√a: that is what keeps risk bounds from falling as a dimension gets harder.
 */
final readonly class GammaPrior
{
    private const STEPS = 8;

    /** A parameter is over 0, and so is its mean. */
    private const LEAST_MEAN = 1e-3;

    /** Of one that was fitted: log-concave, and never surer than sixty trials or dogs alike would make it. */
    private const MIN_SHAPE = 2.0;

    private const MAX_SHAPE = 60.0;

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

    /** The gamma with that mean and standard deviation, as far as its shape may go: √a = mean/sd. */
    public static function withSd(float $mean, float $sd): self
    {
        $mean = max($mean, self::LEAST_MEAN);

        return self::withMean(max(self::MIN_SHAPE, min(self::MAX_SHAPE, ($mean / $sd) ** 2)), $mean);
    }

    /**
     * The gamma of the largest likelihood for values with that mean, whose logarithms have that mean: ln a − ψ(a) = ln mean − meanLog, by
     * Newton's method in 1/a.
     *
     * @see Minka, T. P. (2002). Estimating a Gamma distribution (technical note, from memory).
     *
     * @param  float  $meanLog  under ln mean
     */
    public static function fitted(float $mean, float $meanLog): self
    {
        $spread = max(1e-9, log($mean) - $meanLog);
        $shape = (3.0 - $spread + sqrt(($spread - 3.0) ** 2 + 24.0 * $spread)) / (12.0 * $spread);
        for ($step = 0; $step < self::STEPS; $step++) {
            $off = log($shape) - Digamma::of($shape) - $spread;
            $h = 1e-5 * $shape;
            $trigamma = (Digamma::of($shape + $h) - Digamma::of($shape - $h)) / (2.0 * $h);
            $shape = 1.0 / (1.0 / $shape + $off / ($shape ** 2 * (1.0 / $shape - $trigamma)));
        }

        return self::withMean(max(self::MIN_SHAPE, min(self::MAX_SHAPE, $shape)), $mean);
    }

    public function mean(): float
    {
        return $this->shape / $this->rate;
    }

    /** Mean of the logarithm. */
    public function meanLog(): float
    {
        return Digamma::of($this->shape) - log($this->rate);
    }

    /** The same shape, its mean times a positive factor. */
    public function scaled(float $factor): self
    {
        return new self($this->shape, $this->rate / $factor);
    }
}
