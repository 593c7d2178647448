<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Measure\Logistic;

/**
 * What a trial adds by chance that no log carries, beside the logistic noise of the response model itself: its chances are averages over
 * it. Whoever knows a dog and its day knows them, and not what the next trial draws.
 */
final readonly class TrialNoise
{
    /** Spread of heavy tails, in logits: half of a t distribution with 3 degrees of freedom. */
    public const TAIL = 0.5;

    private const NODES = 32;

    private const ITERATIONS = 50;

    /** Logits between which any chance that is asked for lies. */
    private const WIDEST = 40.0;

    /** @param  list<array{float, float}>  $nodes  logits and their weight, adding up to 1 */
    private function __construct(private array $nodes)
    {
    }

    /** Half of an unlogged trait's trials each way; the tails by the midpoint rule along t = √3 tan θ, where 3 degrees weigh 2/π cos² θ. */
    public static function of(Temperament $temperament): self
    {
        $trait = 0.5 * $temperament->unloggedTrait;
        $nodes = $trait > 0.0 ? [[-$trait, 0.5], [$trait, 0.5]] : [[0.0, 1.0]];
        if (! $temperament->heavyTails) {
            return new self($nodes);
        }
        $tails = [];
        for ($i = 0; $i < self::NODES; $i++) {
            $theta = M_PI * (($i + 0.5) / self::NODES - 0.5);
            foreach ($nodes as [$logits, $weight]) {
                $tails[] = [$logits + self::TAIL * sqrt(3.0) * tan($theta), $weight * 2.0 / self::NODES * cos($theta) ** 2];
            }
        }

        return new self($tails);
    }

    /** Chance of a band or worse, for the logits by which the load lies beyond its cut point. */
    public function chance(float $logits): float
    {
        $chance = 0.0;
        foreach ($this->nodes as [$shift, $weight]) {
            $chance += $weight * Logistic::probability($logits + $shift);
        }

        return $chance;
    }

    /** The logits that come to a chance, to within 1e-9. */
    public function logits(float $chance): float
    {
        if (count($this->nodes) === 1) {
            return Logistic::logit($chance);
        }
        [$low, $high] = [-self::WIDEST, self::WIDEST];
        for ($i = 0; $i < self::ITERATIONS; $i++) {
            $middle = 0.5 * ($low + $high);
            if ($this->chance($middle) < $chance) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }
}
