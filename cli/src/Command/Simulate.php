<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Cli\ExperimentDocument;
use Core\Simulation\PolicyName;

/** One policy with simulated dogs. */
final readonly class Simulate implements Command
{
    public function __construct(private ExperimentDocument $experiments)
    {
    }

    public function name(): string
    {
        return 'simulate';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);

        return $this->experiments->figures(
            $this->experiments->experiment($read), PolicyName::from($read->at('policy')->text('engine')), $read,
        );
    }
}
