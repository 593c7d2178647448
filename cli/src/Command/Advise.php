<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Answer;
use Cli\Command;
use Cli\Document;
use Cli\SituationDocument;
use Core\Decision\RuleBook;

/** What to do next: after today's last trial, or where to start. */
final readonly class Advise implements Command
{
    public function __construct(private SituationDocument $situations, private Answer $answer)
    {
    }

    public function name(): string
    {
        return 'advise';
    }

    public function answer(array $document): array
    {
        $situation = $this->situations->read(Document::of($document))->situation;

        return [
            ...$this->answer->advice(RuleBook::standard()->decide($situation), $situation->catalog),
            'limits' => Answer::caps($situation->caps), 'converged' => $situation->model !== null,
        ];
    }
}
