<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Exposure\Exposure;
use Core\Measure\Share;
use Core\Response\DogModel;

/** How much of the difference between two exposures one dimension makes for this dog. */
final readonly class LoadShare
{
    /**
     * @param  float  $logits  harder by so much at the likeliest slope; negative where this dimension eases
     * @param  float  $low  80 % range of it
     * @param  Share  $share  of the sum of all dimensions' absolute differences
     * @param  bool  $isSeen  false: this dog's trials never varied it, so the slope is that of a typical dog
     */
    private function __construct(
        public string $dimension,
        public float $logits,
        public float $low,
        public float $high,
        public Share $share,
        public bool $isSeen,
    ) {
    }

    /** @return list<self> one for each dimension that differs, the largest first */
    public static function between(DogModel $model, Exposure $from, Exposure $to): array
    {
        $start = $model->scale->covariates($from);
        $end = $model->scale->covariates($to);
        $logits = [];
        foreach ($model->scale->dimensions as $j => $dimension) {
            $logits[$dimension->key] = $model->slope($dimension->key) * ($end[$j] - $start[$j]);
        }
        $sum = array_sum(array_map(abs(...), $logits));
        $shares = [];
        foreach ($model->scale->dimensions as $j => $dimension) {
            $change = $logits[$dimension->key];
            if ($change === 0.0) {
                continue;
            }
            $range = DogModel::RANGE_QUANTILE * $model->fit->standardError($model->fit->mode->cuts + $j) * abs($end[$j] - $start[$j]);
            $shares[] = new self(
                $dimension->key, $change, $change - $range, $change + $range, Share::clamped(abs($change) / $sum),
                count($model->seen[$dimension->key] ?? []) > 1,
            );
        }
        usort($shares, static fn (self $a, self $b): int => $b->share->value <=> $a->share->value);

        return $shares;
    }
}
