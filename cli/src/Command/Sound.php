<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Core\Measure\SoundLevel;

/** Levels: over a distance, of several sources together, of a player, in steps up to a ceiling. */
final readonly class Sound implements Command
{
    public function name(): string
    {
        return 'sound';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $answer = [];
        if ($read->has('atDistance')) {
            $answer['atDistance'] = $read->at('atDistance')->build(static fn (Document $of): float => SoundLevel::atDistance(
                $of->at('level')->number(), $of->at('measuredAt')->number(), $of->at('distance')->number(),
            ));
        }
        $levels = array_map(static fn (Document $level): float => $level->number(), $read->at('sum')->items());
        if ($levels !== []) {
            $answer['sum'] = SoundLevel::sum($levels);
        }
        if ($read->has('player')) {
            $answer['gain'] = $read->at('player')->build(static fn (Document $of): float => SoundLevel::gain($of->number()));
        }
        if ($read->has('ceiling')) {
            $answer['ceiling'] = $read->at('ceiling')
                ->build(static fn (Document $of): float => SoundLevel::ceiling($of->at('level')->number(), $of->at('confirmed')->flag()));
        }
        if ($read->has('steps')) {
            $answer['steps'] = $read->at('steps')->build(static fn (Document $of): array => SoundLevel::steps(
                $of->at('from')->number(), $of->at('to')->number(), $of->at('size')->number(3.0),
            ));
        }

        return $answer;
    }
}
