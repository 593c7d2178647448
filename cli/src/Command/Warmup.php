<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Answer;
use Cli\Command;
use Cli\Document;
use Cli\SituationDocument;
use Core\Decision\WarmUp as WarmUpRule;

/** Where today's session would start. */
final readonly class Warmup implements Command
{
    public function __construct(private SituationDocument $situations)
    {
    }

    public function name(): string
    {
        return 'warmup';
    }

    public function answer(array $document): array
    {
        $situation = $this->situations->situation(Document::of($document));

        return [
            ...Answer::advice((new WarmUpRule)->suggest($situation)),
            'heldStep' => $situation->history->heldStep,
            'daysSinceLast' => $situation->history->daysSinceLast,
            'limits' => Answer::limits($situation->limits),
            'converged' => $situation->model !== null,
        ];
    }
}
