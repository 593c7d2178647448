<?php

declare(strict_types=1);

namespace Core\Response;

/** Predicted risk of one exposure: mean and one-sided 80 % bound, for strain or worse (band ≥ 3) and for a reaction (band 4). */
final readonly class Risk
{
    public function __construct(
        public float $strainMean,
        public float $strainBound,
        public float $reactionMean,
        public float $reactionBound,
    ) {
    }

    /** What the strain guard tests: the larger of bound and mean. */
    public function strain(): float
    {
        return max($this->strainMean, $this->strainBound);
    }

    /** What the reaction guard tests. */
    public function reaction(): float
    {
        return max($this->reactionMean, $this->reactionBound);
    }

    /** Chance of strain at least once in n such trials, 1 − (1 − p)^n. */
    public function strainOver(int $trials): float
    {
        return 1.0 - (1.0 - $this->strainMean) ** $trials;
    }
}
