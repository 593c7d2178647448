<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Exposure\GammaPrior;
use Core\Response\DogModel;

/** How much of what the model holds of a dog is still the typical dog: the share of each prior's spread that is left. */
final readonly class PriorShare
{
    /**
     * @param  array{float, float, float}  $gaps  left of the prior's relative sd, 0 to 1, between the bands, lowest first
     * @param  array<string, float>  $slopes  by dimension key
     */
    private function __construct(public array $gaps, public array $slopes)
    {
    }

    public static function of(DogModel $model): self
    {
        $weightiest = $model->weightiest();
        // relative to the value itself: a Gamma prior of shape a alone gives sd/value = 1/√(a − 1) at any value
        $left = static fn (GammaPrior $prior, int $index): float => min(1.0, $weightiest->fit->standardError($index) / $weightiest->fit->mode->theta[$index] * sqrt($prior->shape - 1.0));
        $gap = static fn (int $k): float => isset($weightiest->prior->gaps[$k]) ? $left($weightiest->prior->gaps[$k], $k + 1) : 1.0;
        $slopes = [];
        foreach ($model->scale->dimensions as $j => $dimension) {
            $slopes[$dimension->key] = $left($dimension->slope, $weightiest->prior->cuts + $j);
        }

        return new self([$gap(0), $gap(1), $gap(2)], $slopes);
    }

    /**
     * The weight of a prior told as trials, n_0 = 1/(0.28·s²).
     *
     * @param  float  $sd  of the prior in logits
     */
    public static function inTrials(float $sd): float
    {
        return 1.0 / (DogModel::INFORMATION * $sd ** 2);
    }
}
