<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Core\Sign\WeightedKappa;

/** Agreement of two graders. */
final readonly class Kappa implements Command
{
    public function name(): string
    {
        return 'kappa';
    }

    public function answer(array $document): array
    {
        $kappa = Document::of($document)->at('table')->build(static fn (Document $table): WeightedKappa => WeightedKappa::ofTable(
            array_map(
                static fn (Document $row): array => array_map(static fn (Document $cell): int => $cell->integer(), $row->items()),
                $table->items(),
            ),
        ));

        return ['linear' => $kappa->linear(), 'quadratic' => $kappa->quadratic()];
    }
}
