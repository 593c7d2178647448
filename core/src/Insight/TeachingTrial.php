<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Decision\Level;
use Core\Decision\Situation;
use Core\Exposure\Exposure;
use Core\Measure\Logistic;
use Core\Measure\Share;
use Core\Response\DogModel;
use Core\Sign\Band;

/** Which step within today's limits would teach the model most about where the limit lies. */
final readonly class TeachingTrial
{
    /**
     * @param  Level  $level  one trial there is expected to teach most
     * @param  Share  $share  of the variance at the plan's next step that one trial there would take away
     */
    private function __construct(public Level $level, public Share $share)
    {
    }

    /** Gain = cov²·i / (var·(1 + i·var₀)) for the strain predictor; i is the Fisher information of one graded trial. */
    public static function of(Situation $situation, Level $about): ?self
    {
        $model = $situation->model;
        if ($model === null) {
            return null;
        }
        $best = null;
        $target = max(1e-12, $model->covariance($about->exposure, $about->exposure, $situation->day()));
        foreach ($situation->ladder->steps as $i => $step) {
            if (! $situation->allows($step->exposure)) {
                continue;
            }
            $information = self::information($model, $situation, $step->exposure);
            $own = $model->covariance($step->exposure, $step->exposure, $situation->day());
            $share = $model->covariance(
                $step->exposure, $about->exposure, $situation->day(),
            ) ** 2 * $information / ($target * (1.0 + $information * $own));
            if ($best === null || $share > $best->share->value) {
                $best = new self(new Level($i, $step->exposure), Share::clamped($share));
            }
        }

        return $best;
    }

    /** Σ over bands of (dP/dη)²/P at the likeliest parameters. */
    private static function information(DogModel $model, Situation $situation, Exposure $exposure): float
    {
        $atLeast = [1.0];
        foreach ([Band::Aware, Band::Effort, Band::Strain, Band::Over] as $band) {
            $atLeast[] = Logistic::probability($model->linear($exposure, $band, $situation->day())['mean']);
        }
        $atLeast[] = 0.0;
        $information = 0.0;
        for ($k = 0; $k < 5; $k++) {
            $chance = max(1e-12, $atLeast[$k] - $atLeast[$k + 1]);
            $slope = $atLeast[$k] * (1.0 - $atLeast[$k]) - $atLeast[$k + 1] * (1.0 - $atLeast[$k + 1]);
            $information += $slope ** 2 / $chance;
        }

        return $information;
    }
}
