<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Response\DogModel;
use Core\Response\Fit;

/**
 * A dog that could be the one that was logged: drawn from what its trials leave open, not from what they say most likely. How fast it
 * learns no log tells yet, so that is drawn from the usual range.
 */
final readonly class PosteriorDog
{
    /** Least that a gap or a slope can be: the normal around the mode reaches below what the model allows. */
    private const LEAST = 0.02;

    public static function drawn(DogModel $model, Chance $chance): SimulatedDog
    {
        $fit = self::fit($model, $chance->uniform());
        $normals = array_map(static fn (): float => $chance->normal(), $fit->mode->theta);
        $theta = $fit->drawn(array_values($normals));
        $cuts = $fit->mode->cuts;
        $slopes = [];
        foreach ($model->scale->dimensions as $j => $dimension) {
            $slopes[$dimension->key] = max(self::LEAST, $theta[$cuts + $j]);
        }
        // the cut points as they stand today: what no exposure states is in them
        $beyond = 0.0;
        foreach ($model->typically() as $i => $value) {
            $beyond += $value * ($theta[$cuts + count($model->scale->dimensions) + $i] ?? 0.0);
        }

        return new SimulatedDog(
            $model->scale, $theta[0] - $beyond,
            [max(self::LEAST, $theta[1]), max(self::LEAST, $theta[2]), max(self::LEAST, $theta[3])], $slopes,
            SimulatedDog::learning($chance), new Temperament(daySd: $model->spread->days), $chance,
        );
    }

    private static function fit(DogModel $model, float $at): Fit
    {
        foreach ($model->fits as $weighted) {
            $at -= $weighted->weight;
            if ($at <= 0.0) {
                return $weighted->fit;
            }
        }

        return $model->fit;
    }
}
