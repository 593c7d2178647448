<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Answer;
use Cli\Command;
use Cli\Document;
use Cli\InputProblem;
use Cli\SituationDocument;
use Core\Response\Day;

/** The risk of given exposures, for today and for a typical day. */
final readonly class Risk implements Command
{
    public function __construct(private SituationDocument $situations)
    {
    }

    public function name(): string
    {
        return 'risk';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $situation = $this->situations->situation($read);
        $model = $situation->model ?? throw InputProblem::at('/sessions', 'No model could be fitted to these trials.');
        $rows = [];
        foreach ($read->at('exposures')->items() as $item) {
            $exposure = $this->situations->exposure($item);
            $rows[] = [
                'exposure' => $exposure->values,
                'today' => Answer::risk($model->risk($exposure, $situation->day())),
                'typical' => Answer::risk($model->risk($exposure, Day::Typical)),
                'allowed' => $situation->allows($exposure),
            ];
        }

        return ['risks' => $rows, 'limits' => Answer::limits($situation->limits)];
    }
}
