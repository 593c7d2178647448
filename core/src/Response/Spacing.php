<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\GammaPrior;

/**
 * One guess of how far apart a dog's bands lie: the prior means of the gaps times a scale, with the guess's prior weight.
 *
 * Which guess holds is told by the trials that were not easy: well under the limit P(band ≥ k) ≈ e^(η − c_k), so of the
 * trials in band k or more a share e^(−g_k) goes on to band k + 1, wherever the dog's limit lies and whatever the load.
 */
final readonly class Spacing
{
    /** Points of the integral over one gap. */
    private const POINTS = 64;

    public function __construct(public float $scale, public float $weight)
    {
    }

    /**
     * Log marginal likelihood of how the bands thin out: Π_k ∫ e^(−g·m)·(1 − e^(−g))^(n − m) p(g) dg, by the midpoint rule.
     *
     * @param  list<GammaPrior>  $gaps  at scale 1, lowest first
     * @param  array{float, float, float, float, float}  $counts  weighted trials by band
     */
    public function logMarginal(array $gaps, array $counts): float
    {
        $log = 0.0;
        foreach ($gaps as $k => $gap) {
            $beyond = array_sum(array_slice($counts, $k + 2));
            $stayed = $counts[$k + 1];
            if ($beyond + $stayed === 0.0) {
                continue;
            }
            $prior = $gap->scaled($this->scale);
            $top = 4.0 * $prior->shape / $prior->rate;
            $sum = $norm = 0.0;
            for ($i = 0; $i < self::POINTS; $i++) {
                $g = $top * ($i + 0.5) / self::POINTS;
                $density = exp(($prior->shape - 1.0) * log($g * $prior->rate) - $prior->rate * $g);
                $sum += $density * exp(-$g * $beyond + $stayed * log(-expm1(-$g)));
                $norm += $density;
            }
            $log += log(max($sum / $norm, 1e-300));
        }

        return $log;
    }
}
