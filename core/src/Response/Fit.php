<?php

declare(strict_types=1);

namespace Core\Response;

/** A mode of the log posterior with its Laplace approximation: all that predictions need. */
final readonly class Fit
{
    /**
     * @param  array<int, array<int, float>>  $covariance  of theta
     * @param  float  $logMarginal  Laplace approximation of the log marginal likelihood, up to a constant that fits to the same trials
     *    share
     */
    private function __construct(
        public Parameters $mode,
        public array $covariance,
        public float $logPosterior,
        public float $logLikelihood,
        public float $logMarginal,
        public int $iterations,
        private Elimination $eliminated,
    ) {
    }

    /** @param  list<OffsetGroup>  $groups */
    public static function at(
        Parameters $mode, Curvature $curvature, Elimination $eliminated, Prior $prior, array $groups, int $iterations,
    ): self {
        // f + ln normalizers − ½ ln |H|, H in the units of f's density
        $marginal = $curvature->logPosterior + $prior->logNormalizer() - 0.5 * $eliminated->logDeterminant()
            - $prior->logUnit($mode->theta);
        foreach ($groups as $group) {
            $marginal -= 0.5 * log($group->variance);
        }

        return new self(
            $mode, $eliminated->factor->inverse(), $curvature->logPosterior, $curvature->logLikelihood, $marginal, $iterations, $eliminated,
        );
    }

    /**
     * η − c_k with its standard deviation, in logits.
     *
     * @param  array<int, float>  $covariates
     * @param  positive-int  $k  the cut point, 1 … K
     * @param  ?int  $group  offset group of the prediction; null for a typical day, offset 0
     * @param  float  $extraVariance  of an offset that has no trial yet
     * @return array{mean: float, sd: float}
     */
    public function linear(array $covariates, int $k, ?int $group = null, float $extraVariance = 0.0): array
    {
        [$v, $groupVariance] = $this->direction($covariates, $k, $group);
        $mean = $group === null ? 0.0 : $this->mode->offsets[$group];
        foreach ($this->contrast($covariates, $k) as $i => $value) {
            $mean += $value * $this->mode->theta[$i];
        }

        return ['mean' => $mean, 'sd' => sqrt(max($extraVariance + $groupVariance + $this->product($v, $v), 0.0))];
    }

    /**
     * Posterior covariance of two predictors η − c_k of the same day.
     *
     * @param  array<int, float>  $covariates
     * @param  array<int, float>  $others
     * @param  positive-int  $k
     */
    public function covarianceOf(array $covariates, array $others, int $k, ?int $group): float
    {
        [$v, $groupVariance] = $this->direction($covariates, $k, $group);
        [$w] = $this->direction($others, $k, $group);

        return $groupVariance + $this->product($v, $w);
    }

    /**
     * v with η − c_k = v′θ, without the offset.
     *
     * @param  array<int, float>  $covariates
     * @param  positive-int  $k
     * @return non-empty-list<float>
     */
    private function contrast(array $covariates, int $k): array
    {
        $cuts = $this->mode->cuts;
        $v = [-1.0];
        for ($j = 1; $j < $cuts; $j++) {
            $v[] = $j >= $k ? 1.0 : 0.0;
        }

        return [...$v, ...array_values($covariates)];
    }

    /**
     * The contrast with the offset eliminated, and the offset's own variance.
     *
     * @param  array<int, float>  $covariates
     * @param  positive-int  $k
     * @return array{non-empty-list<float>, float}
     */
    private function direction(array $covariates, int $k, ?int $group): array
    {
        $v = $this->contrast($covariates, $k);
        if ($group === null) {
            return [$v, 0.0];
        }
        [$moved, $variance] = $this->eliminated->given($group);
        foreach ($moved as $i => $by) {
            $v[$i] -= $by;
        }

        return [array_values($v), $variance];
    }

    /**
     * v′Σw.
     *
     * @param  array<int, float>  $v
     * @param  array<int, float>  $w
     */
    private function product(array $v, array $w): float
    {
        $product = 0.0;
        foreach ($v as $i => $left) {
            $sum = 0.0;
            foreach ($w as $j => $right) {
                $sum += $this->covariance[$i][$j] * $right;
            }
            $product += $left * $sum;
        }

        return $product;
    }

    /**
     * A point drawn from the normal around the mode.
     *
     * @param  list<float>  $normals  independent standard ones, one for each parameter
     * @return list<float> theta; a gap or slope may be under 0
     */
    public function drawn(array $normals): array
    {
        return array_map(
            static fn (float $mode, float $off): float => $mode + $off, array_values($this->mode->theta),
            Cholesky::of($this->covariance)->times($normals),
        );
    }

    /** Standard error of a parameter, by its index in theta. */
    public function standardError(int $index): float
    {
        return sqrt($this->covariance[$index][$index]);
    }
}
