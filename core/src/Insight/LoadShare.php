<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Exposure\Exposure;
use Core\Measure\Share;
use Core\Response\DogModel;

/** How much of the difference between two exposures one dimension, or one step of a ladder of named steps, makes for this dog. */
final readonly class LoadShare
{
    /** Logits under which rounding alone may differ. */
    private const NOTHING = 1e-9;

    /** What is left of the prior of a step's own increment where no trial has told anything of it. */
    private const UNSEEN = 0.99;

    /**
     * @param  string  $key  of the scale
     * @param  float  $logits  harder by so much at the likeliest slope; negative where it eases
     * @param  float  $low  80 % range of it
     * @param  Share  $share  of the sum of all absolute differences
     * @param  bool  $isSeen  false: this dog's trials never varied it, so it weighs what it weighs for a typical dog
     */
    private function __construct(
        public string $key,
        public float $logits,
        public float $low,
        public float $high,
        public Share $share,
        public bool $isSeen,
    ) {
    }

    /** @return list<self> one for each that differs, the largest first */
    public static function between(DogModel $model, Exposure $from, Exposure $to): array
    {
        $start = $model->scale->covariates($from);
        $end = $model->scale->covariates($to);
        $logits = [];
        foreach ($model->scale->keys() as $j => $key) {
            $logits[$key] = $model->slope($key) * ($end[$j] - $start[$j]);
        }
        $left = PriorShare::of($model)->slopes;
        $sum = array_sum(array_map(abs(...), $logits));
        $shares = [];
        foreach ($model->scale->keys() as $j => $key) {
            $change = $logits[$key];
            if (abs($change) < self::NOTHING) {
                continue;
            }
            $range = DogModel::RANGE_QUANTILE * $model->fit->standardError($model->fit->mode->cuts + $j) * abs($end[$j] - $start[$j]);
            $shares[] = new self(
                $key, $change, $change - $range, $change + $range, Share::clamped(abs($change) / $sum),
                $model->scale->step($key) === null ? count($model->seen[$key] ?? []) > 1 : $left[$key]->value < self::UNSEEN,
            );
        }
        usort($shares, static fn (self $a, self $b): int => $b->share->value <=> $a->share->value);

        return $shares;
    }
}
