<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Exposure\Exposure;
use Core\Measure\Logistic;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Sign\Band;

/** The chance of each band along one measured dimension, all else staying: what a chart of the model draws. */
final readonly class ResponseCurve
{
    /**
     * @param  list<array{value: float, atLeast: array{float, float, float, float}, strainLow: float, strainHigh: float}>  $points  easiest
     *    first; atLeast: P(band ≥ 1 … 4) at the mode; strainLow and strainHigh: 80 % range of P(band ≥ 3)
     */
    private function __construct(public string $dimension, public array $points)
    {
    }

    /**
     * @param  string  $key  of a measured dimension in play
     * @param  float  $easy  value at the easy end, in its unit
     * @param  float  $hard  value at the hard end
     * @param  int<2, max>  $points  evenly spaced in load
     */
    public static function of(DogModel $model, Exposure $exposure, string $key, float $easy, float $hard, Day $day, int $points = 41): self
    {
        $dimension = $model->scale->dimension($key);
        $reference = $model->scale->reference->meters;
        $start = $dimension->covariate($easy, $reference);
        $end = $dimension->covariate($hard, $reference);
        $curve = [];
        for ($i = 0; $i < $points; $i++) {
            $value = $dimension->valueAt($start + ($end - $start) * $i / ($points - 1), $reference);
            $at = $exposure->with($key, $value);
            $chance = static fn (Band $band): float => Logistic::probability($model->linear($at, $band, $day)['mean']);
            $strain = $model->linear($at, Band::Strain, $day);
            $half = DogModel::RANGE_QUANTILE * $strain['sd'];
            $curve[] = [
                'value' => $value,
                'atLeast' => [$chance(Band::Aware), $chance(Band::Effort), $chance(Band::Strain), $chance(Band::Over)],
                'strainLow' => Logistic::probability($strain['mean'] - $half),
                'strainHigh' => Logistic::probability($strain['mean'] + $half),
            ];
        }

        return new self($key, $curve);
    }
}
