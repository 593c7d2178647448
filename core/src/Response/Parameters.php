<?php

declare(strict_types=1);

namespace Core\Response;

/**
 * A point in parameter space: top cut point, gaps between cut points, slopes, and one offset for each group.
 *
 * Linear parameters: with log-concave priors the posterior has a single mode inside gap > 0 and slope > 0.
 */
final readonly class Parameters
{
    /**
     * @param  non-empty-array<int, float>  $theta  c_K, gaps g_1 … g_{K−1}, slopes β_1 … β_n
     * @param  array<int, float>  $offsets  u_s in logits, and what they lie about
     * @param  positive-int  $cuts  K
     */
    public function __construct(public array $theta, public array $offsets, public int $cuts)
    {
    }

    /**
     * c_1 < … < c_K.
     *
     * @return non-empty-array<int, float>
     */
    public function cutPoints(): array
    {
        $cut = $this->theta[0];
        $points = [$cut];
        for ($k = $this->cuts - 1; $k >= 1; $k--) {
            $cut -= $this->theta[$k];
            array_unshift($points, $cut);
        }

        return $points;
    }

    /** @return array<int, float> */
    public function slopes(): array
    {
        return array_slice($this->theta, $this->cuts);
    }

    /**
     * The same with other gaps: near where a fit begins whose bands are guessed to lie otherwise.
     *
     * @param  list<float>  $scales  of the gaps, lowest first
     */
    public function spaced(array $scales): self
    {
        $theta = $this->theta;
        foreach ($scales as $k => $scale) {
            $theta[$k + 1] *= $scale;
        }

        return new self($theta, $this->offsets, $this->cuts);
    }

    /**
     * @param  array<int, float>  $step
     * @param  array<int, float>  $offsetStep
     */
    public function moved(array $step, array $offsetStep, float $share): self
    {
        $theta = [];
        foreach ($this->theta as $i => $value) {
            $theta[] = $value + $share * $step[$i];
        }
        $offsets = [];
        foreach ($this->offsets as $i => $value) {
            $offsets[] = $value + $share * $offsetStep[$i];
        }

        return new self($theta, $offsets, $this->cuts);
    }
}
