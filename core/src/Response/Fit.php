<?php

declare(strict_types=1);

namespace Core\Response;

/** A mode of the log posterior with its Laplace approximation: all that predictions need. */
final readonly class Fit
{
    /**
     * @param  array<int, array<int, float>>  $covariance  of theta
     * @param  float  $logMarginal  Laplace approximation of the log marginal likelihood, up to a constant that fits to the same trials share
     * @param  array<int, float>  $offsetInformation  by group
     * @param  array<int, array<int, float>>  $crossInformation  by group, then by theta
     */
    private function __construct(
        public Parameters $mode,
        public array $covariance,
        public float $logPosterior,
        public float $logLikelihood,
        public float $logMarginal,
        public int $iterations,
        private array $offsetInformation,
        private array $crossInformation,
    ) {
    }

    /** @param  list<OffsetGroup>  $groups */
    public static function at(Parameters $mode, Curvature $curvature, Cholesky $factor, Prior $prior, array $groups, int $iterations): self
    {
        // f + ln normalizers − ½ ln |H|; the arrow's determinant is that of the eliminated block times the offsets' diagonal
        $marginal = $curvature->logPosterior + $prior->logNormalizer() - 0.5 * $factor->logDeterminant();
        foreach ($groups as $s => $group) {
            $marginal -= 0.5 * log($group->variance * $curvature->offsetInformation[$s]);
        }

        return new self($mode, $factor->inverse(), $curvature->logPosterior, $curvature->logLikelihood, $marginal, $iterations, $curvature->offsetInformation, $curvature->crossInformation);
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
        $cuts = $this->mode->cuts;
        $v = array_fill(0, $cuts, 0.0);
        $v[0] = -1.0;
        for ($j = $k; $j < $cuts; $j++) {
            $v[$j] = 1.0;
        }
        array_push($v, ...$covariates);
        $mean = $group === null ? 0.0 : $this->mode->offsets[$group];
        $variance = $extraVariance;
        foreach ($v as $i => $value) {
            $mean += $value * $this->mode->theta[$i];
        }
        if ($group !== null) {
            // u | θ has mean shifted by −B·(θ − θ̂)/D and variance 1/D
            $variance += 1.0 / $this->offsetInformation[$group];
            foreach ($this->crossInformation[$group] as $i => $value) {
                $v[$i] -= $value / $this->offsetInformation[$group];
            }
        }
        foreach ($v as $i => $left) {
            $sum = 0.0;
            foreach ($v as $j => $right) {
                $sum += $this->covariance[$i][$j] * $right;
            }
            $variance += $left * $sum;
        }

        return ['mean' => $mean, 'sd' => sqrt(max($variance, 0.0))];
    }

    /** Standard error of a parameter, by its index in theta. */
    public function standardError(int $index): float
    {
        return sqrt($this->covariance[$index][$index]);
    }
}
