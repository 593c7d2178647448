<?php

declare(strict_types=1);

namespace Core\Response;

/**
 * Log posterior of the cumulative-logit model P(band ≥ k) = σ(η − c_k), η = Σ β_j·x_j + u_s, with its derivatives.
 *
 * With a = η − c_y and b = η − c_{y+1}: ln P(y) = −log1p(e^−a) − log1p(e^b) + ln(1 − e^(b−a)), each term concave. A gap or slope with a
 * gamma prior counts by the density of its logarithm: so without a trial the mode is the prior's mean, where that of the value itself
 * lies a shape-th under it, and every limit with it.
 *
 * @see McCullagh, P. (1980). Regression models for ordinal data. J. R. Stat. Soc. B 42, 109–142.
 */
final readonly class CumulativeLogit
{
    /** @param  list<OffsetGroup>  $groups */
    public function __construct(private Prior $prior, private PackedRows $rows, private array $groups)
    {
    }

    public function at(Parameters $at): Curvature
    {
        $cuts = $at->cuts;
        $cut = $at->cutPoints();
        $size = count($at->theta);
        $groups = count($this->groups);

        // accumulated in the basis (c_1 … c_K, β): there a trial touches two cut points only
        $logLikelihood = 0.0;
        $gradient = array_fill(0, $size, 0.0);
        $matrix = array_fill(0, $size, $gradient);
        $gapGradient = $gapInformation = array_fill(0, $cuts, 0.0);
        $offsetGradient = $offsetInformation = array_fill(0, $groups, 0.0);
        $cross = $groups > 0 ? array_fill(0, $groups, $gradient) : [];

        $columns = $this->rows->columns;
        $values = $this->rows->values;
        $lasts = $this->rows->lasts;
        $groupOf = $this->rows->groups;
        $shifts = $this->rows->shifts;
        $ends = $this->rows->ends;
        $bands = $this->rows->bands;
        $counts = $this->rows->counts;
        $entry = $last = 0;
        foreach ($ends as $r => $end) {
            $s = $groupOf[$r];
            $eta = $shifts[$r] + ($s === null ? 0.0 : $at->offsets[$s]);
            $first = $last;
            $last = $lasts[$r];
            for ($p = $first; $p < $last; $p++) {
                $eta += $at->theta[$columns[$p]] * $values[$p];
            }
            $etaGradient = $etaInformation = 0.0;
            for (; $entry < $end; $entry++) {
                $band = $bands[$entry];
                $count = $counts[$entry];
                if ($band > 0) {
                    $low = $band - 1;
                    $a = $eta - $cut[$low];
                    $e = exp(-abs($a));
                    $logLikelihood += $count * ($a >= 0.0 ? -log1p($e) : $a - log1p($e));
                    $slope = $count * ($a >= 0.0 ? $e / (1.0 + $e) : 1.0 / (1.0 + $e));
                    $second = $count * $e / ((1.0 + $e) * (1.0 + $e));
                    $gradient[$low] -= $slope;
                    $etaGradient += $slope;
                    $matrix[$low][$low] += $second;
                    $etaInformation += $second;
                    for ($p = $first; $p < $last; $p++) {
                        $matrix[$columns[$p]][$low] -= $second * $values[$p];
                    }
                    if ($s !== null) {
                        $cross[$s][$low] -= $second;
                    }
                }
                if ($band < $cuts) {
                    $b = $eta - $cut[$band];
                    $e = exp(-abs($b));
                    $logLikelihood -= $count * ($b >= 0.0 ? $b + log1p($e) : log1p($e));
                    $slope = $count * ($b >= 0.0 ? 1.0 / (1.0 + $e) : $e / (1.0 + $e));
                    $second = $count * $e / ((1.0 + $e) * (1.0 + $e));
                    $gradient[$band] += $slope;
                    $etaGradient -= $slope;
                    $matrix[$band][$band] += $second;
                    $etaInformation += $second;
                    for ($p = $first; $p < $last; $p++) {
                        $matrix[$columns[$p]][$band] -= $second * $values[$p];
                    }
                    if ($s !== null) {
                        $cross[$s][$band] -= $second;
                    }
                }
                if ($band > 0 && $band < $cuts) {
                    $gap = $at->theta[$band];
                    $logLikelihood += $count * log(-expm1(-$gap));
                    $gapGradient[$band] += $count / expm1($gap);
                    $gapInformation[$band] += $count * self::gapInformation($gap);
                }
            }
            for ($p = $first; $p < $last; $p++) {
                $i = $columns[$p];
                $gradient[$i] += $etaGradient * $values[$p];
                $weighted = $etaInformation * $values[$p];
                for ($q = $first; $q <= $p; $q++) {
                    $matrix[$i][$columns[$q]] += $weighted * $values[$q];
                }
            }
            if ($s !== null) {
                $offsetGradient[$s] += $etaGradient;
                $offsetInformation[$s] += $etaInformation;
                for ($p = $first; $p < $last; $p++) {
                    $cross[$s][$columns[$p]] += $etaInformation * $values[$p];
                }
            }
        }

        $gradient = self::toTheta(array_values($gradient), $cuts);
        for ($s = 0; $s < $groups; $s++) {
            $cross[$s] = self::toTheta($cross[$s], $cuts);
        }
        for ($i = 0; $i < $size; $i++) {
            for ($j = $i + 1; $j < $size; $j++) {
                $matrix[$i][$j] = $matrix[$j][$i];
            }
        }
        $matrix = array_map(static fn (array $line): array => self::toTheta($line, $cuts), self::rowsToTheta($matrix, $cuts));
        for ($k = 1; $k < $cuts; $k++) {
            $gradient[$k] += $gapGradient[$k];
            $matrix[$k][$k] += $gapInformation[$k];
        }

        $logPrior = $this->addPrior($at->theta, $gradient, $matrix);
        foreach ($this->groups as $s => $group) {
            $parent = $group->parent;
            $deviation = $at->offsets[$s] - $group->mean - ($parent === null ? 0.0 : $at->offsets[$parent]);
            $logPrior -= 0.5 * $deviation * $deviation / $group->variance;
            $offsetGradient[$s] -= $deviation / $group->variance;
            $offsetInformation[$s] += 1.0 / $group->variance;
            if ($parent !== null) {
                $offsetGradient[$parent] += $deviation / $group->variance;
                $offsetInformation[$parent] += 1.0 / $group->variance;
            }
        }

        return new Curvature($logLikelihood + $logPrior, $logLikelihood, $gradient, $matrix, $offsetGradient, $offsetInformation, $cross);
    }

    /** 1 / (4·sinh²(g/2)), written so that neither a tiny nor a huge gap overflows. */
    private static function gapInformation(float $gap): float
    {
        $e = -expm1(-$gap);

        return exp(-$gap) / ($e * $e);
    }

    /**
     * Chain rule from cut points to (top cut point, gaps): c_k = c_K − Σ_{j ≥ k} g_j.
     *
     * @param  array<int, float>  $line  by cut points, then slopes
     * @return array<int, float> by theta
     */
    private static function toTheta(array $line, int $cuts): array
    {
        $running = 0.0;
        $theta = $line;
        for ($k = 0; $k < $cuts; $k++) {
            $running += $line[$k];
            $theta[$k + 1 < $cuts ? $k + 1 : 0] = $k + 1 < $cuts ? -$running : $running;
        }

        return array_values($theta);
    }

    /**
     * The same for the rows of a matrix.
     *
     * @param  array<int, array<int, float>>  $matrix
     * @return array<int, array<int, float>>
     */
    private static function rowsToTheta(array $matrix, int $cuts): array
    {
        $size = count($matrix);
        $result = $matrix;
        for ($j = 0; $j < $size; $j++) {
            $running = 0.0;
            for ($k = 0; $k < $cuts; $k++) {
                $running += $matrix[$k][$j];
                if ($k + 1 < $cuts) {
                    $result[$k + 1][$j] = -$running;
                } else {
                    $result[0][$j] = $running;
                }
            }
        }

        return $result;
    }

    /**
     * Adds the priors' terms to gradient and information.
     *
     * @param  array<int, float>  $theta
     * @param  array<int, float>  $gradient
     * @param  array<int, array<int, float>>  $matrix
     * @return float log prior up to a constant; of a gamma's parameter by its logarithm
     */
    private function addPrior(array $theta, array &$gradient, array &$matrix): float
    {
        $log = 0.0;
        if ($this->prior->topCutMean !== null) {
            $variance = $this->prior->topCutSd * $this->prior->topCutSd;
            $deviation = $theta[0] - $this->prior->topCutMean;
            $log -= 0.5 * $deviation * $deviation / $variance;
            $gradient[0] -= $deviation / $variance;
            $matrix[0][0] += 1.0 / $variance;
        }
        foreach ([...array_pad($this->prior->gaps, $this->prior->cuts - 1, null), ...$this->prior->slopes] as $i => $gamma) {
            if ($gamma === null) {
                continue;
            }
            $value = $theta[$i + 1];
            $log += $gamma->shape * log($value) - $gamma->rate * $value;
            $gradient[$i + 1] += $gamma->shape / $value - $gamma->rate;
            $matrix[$i + 1][$i + 1] += $gamma->shape / ($value * $value);
        }

        return $log;
    }
}
