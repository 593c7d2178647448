<?php

declare(strict_types=1);

namespace Core\Response;

/** One of the fits a model is averaged over. */
final readonly class WeightedFit
{
    /** @param  float  $weight  posterior probability of its spacing, 0 to 1; those of a model sum to 1 */
    public function __construct(public Spacing $spacing, public Prior $prior, public Fit $fit, public float $weight)
    {
    }
}
