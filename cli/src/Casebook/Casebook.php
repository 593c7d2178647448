<?php

declare(strict_types=1);

namespace Cli\Casebook;

use Cli\Catalogs;
use Cli\Document;
use Core\Decision\RuleBook;
use Words\Phrases;

/** Plays situations through the core as the application would, and holds the answers against what a competent trainer would accept. */
final readonly class Casebook
{
    private Ladders $ladders;

    public function __construct(private Catalogs $catalogs, private Phrases $phrases)
    {
        $this->ladders = new Ladders($catalogs, $phrases);
    }

    /**
     * @param  array<mixed>  $case
     * @return array{id: string, failures: list<string>, answer: string, course: list<string>}
     */
    public function play(array $case): array
    {
        $document = Document::of($case);
        $world = new World($document, $this->catalogs, $this->ladders, new \DateTimeImmutable('2026-06-01 10:00 UTC'));
        $id = $document->at('id')->text();
        if ($document->has('play')) {
            $play = Play::through($document, $world, $this->phrases);

            return ['id' => $id, 'failures' => $play->failures(), 'answer' => $play->line(), 'course' => $play->course];
        }
        $today = $world->log($document->at('today'), $world->now);
        $situation = $world->situation($world->earlier(), $today, $today->last()->at ?? $world->now);
        $reply = new Reply(
            RuleBook::standard()->decide($situation), $situation->log->last(), $world->ladder, $world->catalog, $this->phrases,
        );

        return [
            'id' => $id, 'failures' => (new Expectation($document->at('expect'), $world))->failures($reply, $situation->log->last()),
            'answer' => $reply->line(), 'course' => [],
        ];
    }
}
