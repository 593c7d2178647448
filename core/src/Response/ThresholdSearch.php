<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\Exposure;
use Core\Measure\Distance;
use Core\Measure\Probability;
use Core\Sign\Band;

/** Finds where a model's risk crosses the accepted limits as the distance changes and all else stays. */
final readonly class ThresholdSearch
{
    private const NEAREST_METERS = 0.3;

    /** Halvings per step of the scan from near to far; then bisection. */
    private const SCAN = 0.25;

    private const BISECTIONS = 18;

    public function __construct(private RiskLimits $limits)
    {
    }

    /**
     * @param  Exposure  $exposure  its distance is ignored
     */
    public function distance(DogModel $model, Exposure $exposure, Day $day): ThresholdDistance
    {
        $point = $this->closedForm($model, $exposure, $day);
        $farthest = $this->firstAllowed(fn (Exposure $at): bool => $this->limits->allow($model->risk($at, $day)), $exposure);
        $nearest = $this->firstAllowed(fn (Exposure $at): bool => $this->allowedAtBest($model, $at, $day), $exposure) ?? Distance::fromMeters(Distance::MOST_METERS);
        $binding = $farthest ?? Distance::fromMeters(Distance::MOST_METERS);

        return new ThresholdDistance($point, $nearest, $farthest, $this->limits->reactionBinds($model->risk($exposure->withDistance($binding), $day)));
    }

    /** log2 d = log2 d_0 − (c_k + logit p − Σ_other) / β_d; the farther of the two limits. */
    private function closedForm(DogModel $model, Exposure $exposure, Day $day): ?Distance
    {
        $reference = $model->scale->reference;
        $slope = $model->slopePerHalving();
        $at = $exposure->withDistance($reference);
        $meters = 0.0;
        foreach ([[Band::Strain, $this->limits->strain], [Band::Over, $this->limits->reaction]] as [$band, $limit]) {
            $linear = $model->linear($at, $band, $day)['mean'];
            $halvings = (Probability::toLogit($limit) - $linear) / $slope;
            $meters = max($meters, $reference->meters * 2.0 ** -$halvings);
        }

        return $meters > Distance::MOST_METERS ? null : Distance::fromMeters(max($meters, self::NEAREST_METERS));
    }

    private function allowedAtBest(DogModel $model, Exposure $at, Day $day): bool
    {
        foreach ([[Band::Strain, $this->limits->strain], [Band::Over, $this->limits->reaction]] as [$band, $limit]) {
            $linear = $model->linear($at, $band, $day);
            if (Probability::toLogit($limit) < $linear['mean'] - DogModel::BOUND_QUANTILE * $linear['sd']) {
                return false;
            }
        }

        return true;
    }

    /** @param  callable(Exposure): bool  $allowed */
    private function firstAllowed(callable $allowed, Exposure $exposure): ?Distance
    {
        $low = log(self::NEAREST_METERS, 2.0);
        $end = log(Distance::MOST_METERS, 2.0);
        $allowedAt = static fn (float $log): bool => $allowed($exposure->withDistance(Distance::fromMeters(min(2.0 ** $log, Distance::MOST_METERS))));
        if ($allowedAt($low)) {
            return Distance::fromMeters(self::NEAREST_METERS);
        }
        // the bound at x is the smallest among x and all harder exposures: so the first crossing from the near side counts
        for ($high = $low + self::SCAN; $low < $end; $low = $high, $high += self::SCAN) {
            $high = min($high, $end);
            if (! $allowedAt($high)) {
                continue;
            }
            for ($i = 0; $i < self::BISECTIONS; $i++) {
                $middle = ($low + $high) / 2.0;
                if ($allowedAt($middle)) {
                    $high = $middle;
                } else {
                    $low = $middle;
                }
            }

            return Distance::fromMeters(min(2.0 ** $high, Distance::MOST_METERS));
        }

        return null;
    }
}
