<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Core\Worth\RunChance;

/** What a criterion of r in a row is worth, for each true success rate. */
final readonly class Rule implements Command
{
    public function name(): string
    {
        return 'rule';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $run = $read->at('run')->build(static fn (Document $length): RunChance => RunChance::ofLength($length->integer()));
        $rows = [];
        foreach ($read->at('rates')->items() as $rate) {
            $rows[] = [
                'rate' => $rate->number(),
                'within' => $rate->build(static fn (Document $p): float => $run->within($read->at('trials')->integer(), $p->number())),
                'expectedTrials' => $run->expectedTrials($rate->number()),
            ];
        }

        return ['run' => $run->length, 'trials' => $read->at('trials')->integer(), 'curve' => $rows];
    }
}
