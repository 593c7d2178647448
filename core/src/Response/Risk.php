<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exception\InvalidMeasure;
use Core\Measure\Probability;

/** Predicted risk of one exposure: mean and one-sided 80 % bound, for strain or worse (band ≥ 3) and for a reaction (band 4). */
final readonly class Risk
{
    public function __construct(
        public Probability $strainMean,
        public Probability $strainBound,
        public Probability $reactionMean,
        public Probability $reactionBound,
    ) {
    }

    /**
     * As stored or sent: its JSON read back.
     *
     * @param  array{strainMean: float|int, strainBound: float|int, reactionMean: float|int, reactionBound: float|int}  $values
     *
     * @throws InvalidMeasure if one is not 0 to 1
     */
    public static function fromArray(array $values): self
    {
        return new self(
            Probability::of((float) $values['strainMean']), Probability::of((float) $values['strainBound']),
            Probability::of((float) $values['reactionMean']), Probability::of((float) $values['reactionBound']),
        );
    }

    /** What the strain guard tests: the larger of bound and mean. */
    public function strain(): Probability
    {
        return $this->strainMean->larger($this->strainBound);
    }

    /** What the reaction guard tests. */
    public function reaction(): Probability
    {
        return $this->reactionMean->larger($this->reactionBound);
    }
}
