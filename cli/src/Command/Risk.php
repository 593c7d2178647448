<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Answer;
use Cli\Command;
use Cli\Document;
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
        $all = $this->situations->read($read);
        $situation = $all->situation;
        $model = $all->model();
        $rows = [];
        foreach ($read->at('exposures')->items() as $item) {
            $exposure = $all->document->exposure($item);
            $rows[] = [
                'exposure' => $exposure->values,
                'today' => Answer::risk($model->risk($exposure, $situation->day())),
                'typical' => Answer::risk($model->risk($exposure, Day::Typical)),
                'untried' => $model->untried($exposure),
                'allowed' => $situation->allows($exposure),
            ];
        }

        return ['risks' => $rows, 'limits' => Answer::caps($situation->caps)];
    }
}
