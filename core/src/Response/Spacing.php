<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\GammaPrior;

/**
 * One guess of how far apart a dog's bands lie: the prior means of the gaps times a scale, with the guess's prior weight.
 *
 * Which guess holds is told by the trials that were not easy. Of the trials in band k or more a share
 * σ(l − g)/σ(l) goes on to band k + 1, l = η − c_k: well under the limit that is e^(−g), whatever the load and wherever the
 * dog's limit lies.
 */
final readonly class Spacing
{
    /** Points of the integral over one gap. */
    private const POINTS = 48;

    public function __construct(public float $scale, public float $weight)
    {
    }

    /**
     * Log marginal likelihood of how the bands thin out: for each gap ∫ Π shares^(went on)·(1 − share)^(stayed) p(g) dg, by the
     * midpoint rule.
     *
     * @param  list<GammaPrior>  $gaps  at scale 1, lowest first
     */
    public function logMarginal(array $gaps, ThinningOut $seen): float
    {
        $log = 0.0;
        foreach ($gaps as $k => $gap) {
            $prior = $gap->scaled($this->scale);
            $top = 4.0 * $prior->shape / $prior->rate;
            $logs = $priors = [];
            for ($i = 0; $i < self::POINTS && $seen->at($k) !== []; $i++) {
                $g = $top * ($i + 0.5) / self::POINTS;
                $likelihood = 0.0;
                foreach ($seen->at($k) as [$logit, $stayed, $wentOn]) {
                    // σ(l − g)/σ(l) = (e^(−g) + e^(l − g)) / (1 + e^(l − g)), as σ(l) = e^l/(1 + e^l)
                    $share = (exp(-$g) + exp($logit - $g)) / (1.0 + exp($logit - $g));
                    $likelihood += $wentOn * log($share) + $stayed * log(1.0 - $share);
                }
                $priors[] = ($prior->shape - 1.0) * log($g * $prior->rate) - $prior->rate * $g;
                $logs[] = $priors[$i] + $likelihood;
            }
            $log += $logs === [] ? 0.0 : self::logSum($logs) - self::logSum($priors);
        }

        return $log;
    }

    /** @param  non-empty-list<float>  $logs */
    private static function logSum(array $logs): float
    {
        $most = max($logs);

        return $most + log(array_sum(array_map(static fn (float $log): float => exp($log - $most), $logs)));
    }
}
