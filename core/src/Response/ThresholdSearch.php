<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exception\InvalidExposure;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Measure\Distance;
use Core\Sign\Band;

/** Finds where a model's risk crosses the accepted limits as one measured dimension changes and all else stays. */
final readonly class ThresholdSearch
{
    /** Units of the covariate per step of the scan from hard to easy; then bisection. */
    private const SCAN = 0.25;

    private const BISECTIONS = 18;

    /**
     * How much of the way from the likeliest to where the guard agrees is told as the easy end. The whole way held nine times of ten where
     * eight are said. A working value, from simulated dogs.
     */
    private const EASY_SHARE = 0.7;

    public function __construct(private RiskCaps $caps)
    {
    }

    /** @param  Exposure  $exposure  its distance is ignored */
    public function distance(DogModel $model, Exposure $exposure, Day $day): ThresholdDistance
    {
        $found = $this->along($model, $exposure, DimensionKey::Distance->value, $day);
        $distance = static fn (?float $meters): ?Distance => $meters === null ? null : Distance::fromMeters($meters);

        return new ThresholdDistance(
            $distance($found->point), Distance::fromMeters($found->hardest), $distance($found->easiest), $found->reactionBinds,
        );
    }

    /**
     * @param  Exposure  $exposure  its value of that dimension is ignored
     * @param  string  $key  of a measured dimension in play
     *
     * @throws InvalidExposure if that dimension is not in play or not measured
     */
    public function along(DogModel $model, Exposure $exposure, string $key, Day $day): Threshold
    {
        $dimension = $model->scale->dimension($key);
        $range = $dimension->range() ?? throw InvalidExposure::notANumber($key);
        $reference = $model->scale->reference->meters;
        [$easy, $hard] = [$dimension->covariate($range[0], $reference), $dimension->covariate($range[1], $reference)];
        $at = static fn (float $x): Exposure => $exposure->with($key, $dimension->valueAt($x, $reference));

        $allowed = self::hardestAllowed($easy, $hard, fn (float $x): bool => $this->caps->allow($model->risk($at($x), $day)));
        $hardest = self::hardestAllowed(
            $easy, $hard, fn (float $x): bool => $this->allows(-DogModel::BOUND_QUANTILE, $model, $at($x), $day),
        ) ?? $easy;
        $point = $model->scale->isClimbing()
            ? self::hardestAllowed($easy, $hard, fn (float $x): bool => $this->allows(0.0, $model, $at($x), $day))
            : $this->closedForm($model, $at(0.0), $dimension, $day, $easy, $hard);

        $easiest = $allowed === null || $point === null ? $allowed : $point + self::EASY_SHARE * ($allowed - $point);

        return new Threshold(
            $point === null ? null : $dimension->valueAt($point, $reference),
            $dimension->valueAt($hardest, $reference),
            $easiest === null ? null : $dimension->valueAt($easiest, $reference),
            $allowed === null ? null : $dimension->valueAt($allowed, $reference),
            $this->caps->reactionBinds($model->risk($at($allowed ?? $easy), $day)),
        );
    }

    /**
     * x = (logit p − (Σ_other − c_k)) / β, where the load is a line along the dimension: the easier of the two limits; for distance,
     * log2 d = log2 d_0 − x.
     */
    private function closedForm(DogModel $model, Exposure $atZero, Dimension $dimension, Day $day, float $easy, float $hard): ?float
    {
        $slope = $model->slope($dimension->key);
        $crossing = $hard;
        foreach ([[Band::Strain, $this->caps->strain], [Band::Over, $this->caps->reaction]] as [$band, $limit]) {
            $crossing = min($crossing, ($limit->toLogit() - $model->linear($atZero, $band, $day)['mean']) / $slope);
        }

        return $crossing < $easy ? null : $crossing;
    }

    /** Whether the risk, taken as so many standard deviations from the likeliest, is within both limits. */
    private function allows(float $deviations, DogModel $model, Exposure $at, Day $day): bool
    {
        foreach ([[Band::Strain, $this->caps->strain], [Band::Over, $this->caps->reaction]] as [$band, $limit]) {
            $linear = $model->linear($at, $band, $day);
            if ($limit->toLogit() < $linear['mean'] + $deviations * $linear['sd']) {
                return false;
            }
        }

        return true;
    }

    /**
     * The hardest covariate from which on everything easier is allowed, as far as the scan tells.
     *
     * @param  callable(float): bool  $allowed
     */
    private static function hardestAllowed(float $easy, float $hard, callable $allowed): ?float
    {
        if ($allowed($hard)) {
            return $hard;
        }
        // the bound at x is the smallest among x and all harder exposures: so the first crossing from the hard side counts
        for ($high = $hard; $high > $easy;) {
            $low = max($easy, $high - self::SCAN);
            if (! $allowed($low)) {
                $high = $low;

                continue;
            }
            for ($i = 0; $i < self::BISECTIONS; $i++) {
                $middle = ($low + $high) / 2.0;
                if ($allowed($middle)) {
                    $low = $middle;
                } else {
                    $high = $middle;
                }
            }

            return $low;
        }

        return null;
    }
}
