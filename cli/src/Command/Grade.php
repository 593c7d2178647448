<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Catalogs;
use Cli\Command;
use Cli\Document;
use Core\Sign\Band;
use Core\Sign\Grading;
use Core\Sign\Outcome;
use Core\Sign\Reading;
use Words\Phrases;

/** The band that signs and outcome propose. */
final readonly class Grade implements Command
{
    public function __construct(private Catalogs $catalogs, private Phrases $phrases)
    {
    }

    public function name(): string
    {
        return 'grade';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $grading = new Grading(
            $this->catalogs->signs, $read->at('hidesSigns')->flag(), Reading::tryFrom($read->at('method')->text()),
            $read->at('normal')->strings(),
        );
        $band = $read->at('signs')->build(static fn (Document $signs): Band => $grading->propose(
            $signs->strings(), Outcome::tryFrom($read->at('outcome')->text()), $read->at('confounds')->strings(),
        ));

        return ['band' => $band->value, 'name' => $this->phrases->label($band), 'catalog' => $this->catalogs->signs->version];
    }
}
