<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\GammaPrior;

/**
 * What is believed of the parameters before any trial.
 *
 * A null term is flat: the published regressions are fitted with all of them null and slopes of either sign.
 */
final readonly class Prior
{
    /**
     * @param  positive-int  $cuts  K, the number of cut points: one less than the bands
     * @param  ?float  $topCutMean  mean of c_K in logits, null for a flat prior
     * @param  list<GammaPrior>  $gaps  of c_{k+1} − c_k, k = 1 … K − 1; empty for flat
     * @param  list<?GammaPrior>  $slopes  one for each covariate, null for a free slope
     */
    public function __construct(
        public int $cuts,
        public ?float $topCutMean,
        public float $topCutSd,
        public array $gaps,
        public array $slopes,
    ) {
    }

    /**
     * No prior at all, for plain maximum likelihood.
     *
     * @param  positive-int  $cuts
     * @param  non-negative-int  $slopes
     */
    public static function flat(int $cuts, int $slopes): self
    {
        return new self($cuts, null, 1.0, [], array_fill(0, $slopes, null));
    }

    /** Logits from one cut point to the next, as believed before any trial; 0 where nothing is. */
    public function bandWidth(): float
    {
        return $this->gaps === [] ? 0.0 : array_sum(array_map(
            static fn (GammaPrior $gap): float => $gap->mean(), $this->gaps,
        )) / count($this->gaps);
    }

    /** The same, with one slope of either sign. */
    public function withFreeSlope(int $index): self
    {
        $slopes = $this->slopes;
        $slopes[$index] = null;

        return new self($this->cuts, $this->topCutMean, $this->topCutSd, $this->gaps, array_values($slopes));
    }

    /** The same, with one more slope of either sign. */
    public function withOneMoreSlope(): self
    {
        return new self($this->cuts, $this->topCutMean, $this->topCutSd, $this->gaps, [...$this->slopes, null]);
    }

    /**
     * What the unnormalized log prior lacks, but for terms that every prior of the same shapes shares: without it two
     * priors could not be compared by their marginal likelihood.
     */
    public function logNormalizer(): float
    {
        $log = -log($this->topCutSd);
        foreach ([...$this->gaps, ...$this->slopes] as $gamma) {
            $log += $gamma === null ? 0.0 : $gamma->shape * log($gamma->rate);
        }

        return $log;
    }

    /**
     * Logarithm of what one unit of the logarithms, by whose density gammas count, is in units of the parameters themselves: curvatures are
     * taken in the latter.
     *
     * @param  array<int, float>  $theta  top cut point, gaps, slopes
     */
    public function logUnit(array $theta): float
    {
        $log = 0.0;
        foreach ([...array_pad($this->gaps, $this->cuts - 1, null), ...$this->slopes] as $i => $gamma) {
            $log += $gamma === null ? 0.0 : log($theta[$i + 1]);
        }

        return $log;
    }
}
