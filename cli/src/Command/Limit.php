<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Cli\InputProblem;
use Cli\SituationDocument;
use Core\Response\Day;
use Core\Response\ThresholdDistance;
use Core\Response\ThresholdSearch;

/** The distance at which the accepted risk is reached, with its range. */
final readonly class Limit implements Command
{
    public function __construct(private SituationDocument $situations)
    {
    }

    public function name(): string
    {
        return 'limit';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $situation = $this->situations->situation($read);
        $model = $situation->model ?? throw InputProblem::at('/sessions', 'No model could be fitted to these trials.');
        $exposure = $read->has('exposure') ? $this->situations->exposure($read->at('exposure')) : $situation->ladder->step(0)->exposure;
        $search = new ThresholdSearch($situation->limits);

        return [
            'typical' => self::distance($search->distance($model, $exposure, Day::Typical)),
            'today' => self::distance($search->distance($model, $exposure, $situation->day())),
        ];
    }

    /** @return array{meters: ?float, nearest: float, farthest: ?float, binding: string} */
    private static function distance(ThresholdDistance $limit): array
    {
        return ['meters' => $limit->point?->meters, 'nearest' => $limit->nearest->meters, 'farthest' => $limit->farthest?->meters, 'binding' => $limit->reactionBinds ? 'reaction' : 'strain'];
    }
}
