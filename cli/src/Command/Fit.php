<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Cli\SituationDocument;

/** The fitted model: cut points, slopes with standard errors, today's state of the forecasts. */
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
        $situation = $this->situations->situation(Document::of($document));
        $model = $situation->model;
        if ($model === null) {
            return ['converged' => false];
        }
        $slopes = [];
        foreach ($model->scale->dimensions as $j => $dimension) {
            $slopes[$dimension->key] = [
                'slope' => $model->fit->mode->slopes()[$j],
                'standardError' => $model->fit->standardError($model->fit->mode->cuts + $j),
                'valuesSeen' => count($model->seen[$dimension->key] ?? []),
            ];
        }

        return [
            'converged' => true,
            'iterations' => $model->fit->iterations,
            'logPosterior' => $model->fit->logPosterior,
            'cutPoints' => $model->fit->mode->cutPoints(),
            'slopes' => $slopes,
            'referenceMeters' => $model->scale->reference->meters,
            'calibration' => [
                'strainFactor' => $situation->calibration->strainFactor(), 'reactionFactor' => $situation->calibration->reactionFactor(), 'forecasts' => $situation->calibration->forecasts,
            ],
        ];
    }
}
