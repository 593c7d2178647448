<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Answer;
use Cli\Command;
use Cli\Document;
use Cli\SituationDocument;
use Cli\SituationRead;
use Core\Decision\Level;
use Core\Insight\LoadShare;
use Core\Insight\PriorShare;
use Core\Insight\SlopeByBand;
use Core\Insight\TeachingTrial;
use Core\Measure\Share;
use Core\Response\DogModel;
use Core\Response\WeightedFit;

/** The fitted model: cut points, slopes with standard errors, what of it is still the typical dog, and the state of the forecasts. */
final readonly class Fit implements Command
{
    public function __construct(private SituationDocument $situations)
    {
    }

    public function name(): string
    {
        return 'fit';
    }

    public function answer(array $document): array
    {
        $all = $this->situations->read(Document::of($document));
        $situation = $all->situation;
        $model = $situation->model;
        if ($model === null) {
            return ['converged' => false];
        }
        $left = PriorShare::of($model);
        $slopes = [];
        foreach ($model->scale->dimensions as $j => $dimension) {
            $slopes[$dimension->key] = [
                'slope' => $model->fit->mode->slopes()[$j],
                'standardError' => $model->fit->standardError($model->fit->mode->cuts + $j),
                'valuesSeen' => count($model->seen[$dimension->key] ?? []),
                'leftOfPrior' => $left->slopes[$dimension->key]->value,
            ];
        }
        $ladder = $situation->ladder;
        $teaches = TeachingTrial::of($situation, Level::ofStep($ladder, $ladder->top()));

        return [
            'converged' => true,
            'iterations' => $model->fit->iterations,
            'logPosterior' => $model->fit->logPosterior,
            'cutPoints' => $model->fit->mode->cutPoints(),
            'gapsLeftOfPrior' => array_map(static fn (Share $share): float => $share->value, $left->gaps),
            'spacings' => array_map(
                static fn (WeightedFit $fit): array => ['scales' => $fit->spacing->scales, 'weight' => $fit->weight], $model->fits,
            ),
            'daySpread' => $model->spread->days, 'walk' => $model->spread->walk,
            'slopes' => $slopes,
            'shares' => array_map(
                static fn (LoadShare $share): array => [
                    ...self::key($share->key, $model), 'logits' => $share->logits, 'low' => $share->low, 'high' => $share->high,
                    'share' => $share->share->value, 'seen' => $share->isSeen,
                ],
                LoadShare::between($model, $ladder->step(0)->exposure, $ladder->step($ladder->top())->exposure),
            ),
            'contradictedOrders' => self::contradictions($all),
            'slopeByBand' => self::slopeByBand($all),
            'teachesMost' => $teaches === null ? null : ['level' => Answer::level($teaches->level), 'share' => $teaches->share->value],
            'referenceMeters' => $model->scale->reference->meters,
            'calibration' => [
                'strainFactor' => $situation->calibration->strainFactor(), 'reactionFactor' => $situation->calibration->reactionFactor(),
                'forecasts' => $situation->calibration->forecasts,
            ],
        ];
    }

    /** @return array{dimension: string}|array{step: int} what a share is of: a dimension, or a step by its index */
    private static function key(string $key, DogModel $model): array
    {
        $step = $model->scale->step($key);

        return $step === null ? ['dimension' => $key] : ['step' => $step];
    }

    /**
     * @return ?array{differs: bool, slopes: list<array{band: int, slope: float, standardError: float}>} of the first dimension; null with
     *    too few trials
     */
    private static function slopeByBand(SituationRead $all): ?array
    {
        $slopes = array_values($all->scale->slopes());
        $found = SlopeByBand::of($all->builder->rows($all->scale, $all->sessions, $all->situation->log->evidence()), $slopes, 0);
        $listed = [];
        foreach ($found->byBand ?? [] as $band => $slope) {
            $listed[] = ['band' => $band, ...$slope];
        }

        return $found === null ? null : ['differs' => $found->differs(), 'slopes' => $listed];
    }

    /** @return list<array{dimension: string, slope: float, standardError: float}> */
    private static function contradictions(SituationRead $all): array
    {
        $found = [];
        foreach ($all->builder->contradictions(
            $all->scale, $all->plan->isReferenceStated, $all->sessions, $all->situation->log->evidence(),
        ) as $key => $slope) {
            $found[] = ['dimension' => $key, ...$slope];
        }

        return $found;
    }
}
