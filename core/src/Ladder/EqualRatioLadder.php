<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exception\InvalidExposure;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;

/**
 * Distances from a start to a goal that are equally hard steps apart: each is the same share of the one before.
 *
 * d_i = d_a·(d_n/d_a)^(i/n), n = ⌈β·log2(d_a/d_n)/δ⌉, β the load of one halving and δ the load of one step in logits.
 */
final readonly class EqualRatioLadder
{
    public const USUAL_STEP_LOGITS = 0.5;

    public function __construct(private float $slopePerHalving, private float $stepLogits = self::USUAL_STEP_LOGITS)
    {
    }

    /**
     * @return non-empty-list<Distance> start first, goal last
     *
     * @throws InvalidExposure if the goal is not nearer than the start
     */
    public function between(Distance $start, Distance $goal): array
    {
        if ($goal->meters >= $start->meters) {
            throw InvalidExposure::goalNotHarder();
        }
        // a hair less than the quotient, so that a whole number of steps is not rounded up
        $steps = (int) max(1.0, ceil($this->slopePerHalving * $start->halvingsTo($goal) / $this->stepLogits - 1e-9));
        $distances = [];
        for ($i = 0; $i < $steps; $i++) {
            $distances[] = Distance::fromMeters($start->meters * ($goal->meters / $start->meters) ** ($i / $steps));
        }
        $distances[] = $goal;

        return $distances;
    }

    /**
     * The same as people lay it: between start and goal in numbers that can be paced out, each once.
     *
     * @return non-empty-list<Distance> start first, goal last
     *
     * @throws InvalidExposure if the goal is not nearer than the start
     */
    public function paced(Distance $start, Distance $goal, DistanceUnit $in = DistanceUnit::Meter): array
    {
        $paced = [$start];
        foreach (array_slice($this->between($start, $goal), 1, -1) as $distance) {
            $rounded = $distance->rounded($in);
            if ($rounded->meters < end($paced)->meters && $rounded->meters > $goal->meters) {
                $paced[] = $rounded;
            }
        }

        return [...$paced, $goal];
    }
}
