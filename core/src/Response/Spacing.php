<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\GammaPrior;

/**
 * One guess of how far apart a dog's bands lie: the prior mean of each gap times a scale, with the guess's prior weight. All of them as
 * they are: most dogs. All near each other: from calm to over with hardly a sign. Only the last gone: reactions come without the
 * struggling that should come before, of a dog or of a grader who is too kind.
 *
 * Which guess holds is told by the trials that were not easy. Of the trials in band k or more a share
 * σ(l − g)/σ(l) goes on to band k + 1, l = η − c_k: well under the limit that is e^(−g), whatever the load and wherever the
 * dog's limit lies.
 */
final readonly class Spacing
{
    /** Points of the integral over one gap. */
    private const POINTS = 48;

    /**
     * @param  array{float, float, float}  $scales  on the prior means of the gaps, lowest first
     * @param  float  $weight  over 0
     */
    public function __construct(public array $scales, public float $weight)
    {
    }

    /** All gaps alike, for sure. */
    public static function even(float $scale): self
    {
        return new self([$scale, $scale, $scale], 1.0);
    }

    /**
     * @param  list<GammaPrior>  $gaps  at scale 1, lowest first
     * @return list<GammaPrior>
     */
    public function of(array $gaps): array
    {
        return array_map(static fn (GammaPrior $gap, float $scale): GammaPrior => $gap->scaled($scale), $gaps, $this->scales);
    }

    /** One that shows little between calm and over has shown as little of what it learned. */
    public function learning(GammaPrior $usual): GammaPrior
    {
        return $usual->scaled($this->scales[0]);
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
        foreach ($this->of($gaps) as $k => $prior) {
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
