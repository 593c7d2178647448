<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Cli\ExperimentDocument;
use Core\Simulation\PolicyName;

/** All policies with the same simulated dogs. */
final readonly class Compare implements Command
{
    public function __construct(private ExperimentDocument $experiments)
    {
    }

    public function name(): string
    {
        return 'compare';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $experiment = $this->experiments->experiment($read);

        return ['policies' => array_map(
            fn (PolicyName $policy): array => $this->experiments->figures($experiment, $policy, $read), PolicyName::cases(),
        )];
    }
}
