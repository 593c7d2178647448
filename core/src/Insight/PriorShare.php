<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Exposure\GammaPrior;
use Core\Measure\Share;
use Core\Response\DogModel;

/** How much of what the model holds of a dog is still the typical dog: the share of each prior's spread that is left. */
final readonly class PriorShare
{
    /**
     * @param  array{Share, Share, Share}  $gaps  left of the prior's relative sd between the bands, lowest first
     * @param  array<string, Share>  $slopes  by key of the scale
     */
    private function __construct(public array $gaps, public array $slopes)
    {
    }

    public static function of(DogModel $model): self
    {
        $weightiest = $model->weightiest();
        // relative to the value itself: a Gamma prior of shape a alone gives sd/value = 1/√a at any value
        $left = static fn (GammaPrior $prior, int $index): Share =>
            Share::clamped($weightiest->fit->standardError($index) / $weightiest->fit->mode->theta[$index] * sqrt($prior->shape));
        $gap = static fn (int $k): Share => isset($weightiest->prior->gaps[$k])
            ? $left($weightiest->prior->gaps[$k], $k + 1)
            : Share::of(1.0);
        $slopes = [];
        foreach (array_keys($model->scale->slopes()) as $j => $key) {
            $prior = $weightiest->prior->slopes[$j];
            $slopes[$key] = $prior === null ? Share::of(1.0) : $left($prior, $weightiest->prior->cuts + $j);
        }

        return new self([$gap(0), $gap(1), $gap(2)], $slopes);
    }
}
