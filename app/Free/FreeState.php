<?php

declare(strict_types=1);

namespace App\Free;

use App\Models\FreeSession;
use Core\Observation\Observation;
use Core\Observation\Stretch;
use Psr\Clock\ClockInterface;

/** What a device shows of a session without a ladder while it runs: counts, the stretch it is in, the last ones, one thing to say. */
final readonly class FreeState
{
    private const LATEST = 5;

    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @return array{counts: array<string, int>, now: string, rate: string, prompt: ?array{code: string, text: string},
     *    latest: list<array{uuid: string, kind: string, words: string}>, parts: array<string, int>, setup: array<string, string>,
     *    targets: list<string>}
     */
    public function of(FreeSession $session): array
    {
        $record = FreeRecord::of($session, $this->clock->now());
        $stretches = $record->stretches();
        $current = $stretches[count($stretches) - 1];
        $prompt = $record->prompt();
        $all = Stretch::together($stretches);
        $counts = [];
        foreach ($session->activity->kinds() as $kind) {
            $counts[$kind->value] = $all->count($kind);
        }
        $latest = [];
        foreach (array_slice($record->seen, -self::LATEST, null, true) as $id => $one) {
            $latest[] = ['uuid' => $record->stored[$id]->uuid, 'kind' => $one->kind->value, 'words' => FreeInWords::observation($one)];
        }

        return [
            'counts' => $counts,
            'now' => words()->label($current->kind),
            'rate' => $session->activity->isOut() ? FreeInWords::rate($current) : '',
            'prompt' => $prompt === null ? null : ['code' => $prompt->value, 'text' => say("free.prompt.{$prompt->value}")],
            'latest' => array_reverse($latest),
            'parts' => $record->parts(),
            'setup' => $record->setup(),
            'targets' => array_values(array_filter(array_unique(array_map(
                static fn (Observation $one): string => $one->seconds === null ? '' : $one->what, $record->seen,
            )))),
        ];
    }
}
