<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exception\InvalidModel;

/**
 * Finds the one mode of the log posterior by Newton's method, and its Laplace covariance.
 *
 * Offsets are eliminated first, one after the other; a step goes at most 95 % of the way to the edge of gap > 0 and
 * slope > 0, and is halved until the Armijo condition holds.
 *
 * @see Boyd, S. & Vandenberghe, L. (2004). Convex Optimization, §9.5 (Newton's method, decrement).
 */
final readonly class Fitter
{
    private const MAX_ITERATIONS = 50;

    private const DECREMENT = 1e-10;

    private const ARMIJO = 1e-4;

    /**
     * @param  iterable<ObservedRow>  $rows  each with as many covariates as the prior has slopes, and K + 1 counts
     * @param  list<OffsetGroup>  $groups
     * @param  ?Parameters  $start  a nearby mode for a warm start; ignored if its shape does not fit
     * @return ?Fit null if no mode was found within 50 iterations: then there is no model
     *
     * @throws InvalidModel if a row does not fit the shape of the prior
     */
    public function fit(Prior $prior, iterable $rows, array $groups, ?Parameters $start = null): ?Fit
    {
        $packed = PackedRows::of($rows, $prior, count($groups));
        $model = new CumulativeLogit($prior, $packed, $groups);
        $at = self::start($prior, $packed, $groups, $start);
        $here = $model->at($at);
        for ($iteration = 1; $iteration <= self::MAX_ITERATIONS; $iteration++) {
            try {
                $eliminated = Elimination::of($here, $groups);
            } catch (InvalidModel) {
                return null;
            }
            [$step, $offsetStep] = $eliminated->step();
            $decrement = 0.0;
            foreach ($step as $i => $value) {
                $decrement += $value * $here->gradient[$i];
            }
            foreach ($offsetStep as $s => $value) {
                $decrement += $value * $here->offsetGradient[$s];
            }
            if (! is_finite($decrement)) {
                return null;
            }
            if (0.5 * $decrement < self::DECREMENT) {
                return Fit::at($at, $here, $eliminated, $prior, $groups, $iteration);
            }
            $share = min(1.0, 0.95 * self::wayToEdge($prior, $at, $step));
            do {
                $next = $at->moved($step, $offsetStep, $share);
                $there = $model->at($next);
                $enough = is_finite($there->logPosterior)
                    && $there->logPosterior >= $here->logPosterior + self::ARMIJO * $share * $decrement - 1e-12 * abs($here->logPosterior);
                $share *= 0.5;
            } while (! $enough && $share > 1e-12);
            if (! $enough) {
                return null;
            }
            [$at, $here] = [$next, $there];
        }

        return null;
    }

    /** @param  list<OffsetGroup>  $groups */
    private static function start(Prior $prior, PackedRows $rows, array $groups, ?Parameters $given): Parameters
    {
        $offsets = array_map(static fn (OffsetGroup $group): float => $group->mean, $groups);
        if ($given !== null && $given->cuts === $prior->cuts && count($given->theta) === $prior->cuts + count($prior->slopes)) {
            foreach ($given->offsets as $s => $value) {
                if (isset($offsets[$s])) {
                    $offsets[$s] = $value;
                }
            }

            return new Parameters($given->theta, array_values($offsets), $prior->cuts);
        }
        $theta = [$prior->topCutMean ?? self::marginalTopCut($rows->byBand)];
        for ($k = 0; $k < $prior->cuts - 1; $k++) {
            $theta[] = isset($prior->gaps[$k]) ? $prior->gaps[$k]->mean() : 1.0;
        }
        foreach ($prior->slopes as $gamma) {
            $theta[] = $gamma?->mean() ?? 0.0;
        }

        return new Parameters($theta, array_values($offsets), $prior->cuts);
    }

    /**
     * Where the top cut point would be without covariates: a start for flat priors.
     *
     * @param  list<float>  $byBand
     */
    private static function marginalTopCut(array $byBand): float
    {
        $top = 1.0 + $byBand[count($byBand) - 1];

        return log((array_sum($byBand) - $top + 2.0) / $top);
    }

    /**
     * The share of the step at which the first gap or bounded slope would reach 0.
     *
     * @param  array<int, float>  $step
     */
    private static function wayToEdge(Prior $prior, Parameters $at, array $step): float
    {
        $share = INF;
        foreach ($at->theta as $i => $value) {
            $bounded = $i > 0 && ($i < $prior->cuts || $prior->slopes[$i - $prior->cuts] !== null);
            if ($bounded && $step[$i] < 0.0) {
                $share = min($share, -$value / $step[$i]);
            }
        }

        return $share;
    }
}
