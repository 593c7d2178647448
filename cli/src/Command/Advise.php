<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Answer;
use Cli\Command;
use Cli\Document;
use Cli\SituationDocument;
use Core\Decision\RuleBook;
use Core\Decision\WarmUp;

/** What to do next: after today's last trial, or where to start. */
final readonly class Advise implements Command
{
    public function __construct(private SituationDocument $situations)
    {
    }

    public function name(): string
    {
        return 'advise';
    }

    public function answer(array $document): array
    {
        $situation = $this->situations->situation(Document::of($document));
        $advice = $situation->log->last() === null ? (new WarmUp)->suggest($situation) : RuleBook::standard()->decide($situation);

        return [...Answer::advice($advice), 'limits' => Answer::limits($situation->limits), 'converged' => $situation->model !== null];
    }
}
