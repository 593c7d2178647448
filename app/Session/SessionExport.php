<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\AdviceGiven;
use App\Models\SecondGrade;
use App\Models\Session;
use App\Models\SessionEvent;
use App\Models\Trial;
use App\Table\CsvWriter;
use Carbon\CarbonImmutable;

/** One session in open formats, with every trial as logged and every correction beside it. Documented in docs/formats.md. */
final readonly class SessionExport
{
    private const MAX_TRIALS = 5000;

    public function toJson(Session $session): string
    {
        $model = $session->plan->responseModel;

        return json_encode([
            'format' => 'wheatear.session',
            'version' => 1,
            'session' => [
                'id' => $session->id,
                'startedAt' => self::iso($session->started_at),
                'endedAt' => self::iso($session->ended_at),
                'note' => $session->end_note,
                'dog' => $model->dog->name,
                'trigger' => $model->trigger->name,
                'handler' => $session->person->name,
                'plan' => $session->plan->name,
                'method' => $session->plan->method,
                'place' => $session->place?->name,
                'kind' => $session->kind->value,
                'checklist' => $session->checklist,
                'upset' => $session->upset,
                'report' => $session->report,
                'sets' => $session->sets->map(static fn ($set): array => [
                    'position' => $set->position, 'startedAt' => self::iso($set->started_at), 'endedAt' => self::iso($set->ended_at),
                ])->all(),
            ],
            'trials' => array_map($this->trial(...), $this->trials($session)),
            'advice' => $session->advice()->limit(self::MAX_TRIALS)->get()->map(static fn (AdviceGiven $given): array => [
                'afterTrial' => $given->trial_id, 'givenAt' => self::iso($given->given_at), 'action' => $given->action->value,
                'exposure' => $given->exposure,
                'reasons' => $given->reasons, 'strainBound' => $given->strain_bound, 'reactionBound' => $given->reaction_bound,
                'engine' => $given->engine,
            ])->all(),
            'events' => $session->events()->limit(self::MAX_TRIALS)->get()->map(static fn (SessionEvent $event): array => [
                'uuid' => $event->uuid, 'at' => self::iso($event->occurred_at), 'kind' => $event->kind->value, 'data' => $event->data,
            ])->all(),
            'secondGrades' => SecondGrade::query()->with('user')->whereHas('trial', static fn ($trials) => $trials->where(
                'session_id', $session->id,
            ))->orderBy('id')->limit(self::MAX_TRIALS)->get()->map(static fn (SecondGrade $grade): array => [
                'uuid' => $grade->uuid, 'trial' => $grade->trial_id, 'by' => $grade->user->name, 'band' => $grade->band->value,
                'gradedAt' => self::iso($grade->graded_at),
            ])->all(),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /** RFC 4180, one row a trial; a cell that a spreadsheet would run as a formula starts with an apostrophe. */
    public function toCsv(Session $session): string
    {
        $file = fopen('php://temp', 'w+');
        if ($file === false) {
            throw new \RuntimeException('No temporary file for the export.');
        }
        $head = [
            'uuid', 'sequence', 'occurred_at', 'distance_m', 'other_dimensions', 'outcome', 'band', 'band_proposed', 'signs', 'food',
            'food_left', 'latency', 'latency_ms', 'interrupted', 'handler_error', 'undone', 'note', 'stay_ms', 'hold_ms', 'return_ms',
            'slip', 'traits', 'stare_ms', 'stare_at', 'paid_ms',
        ];
        $rows = [$head];
        foreach ($this->trials($session) as $trial) {
            $row = $this->trial($trial);
            $others = $row['exposure'];
            unset($others['distance']);
            $rows[] = [
                $row['uuid'], $row['sequence'], $row['occurredAt'], $row['exposure']['distance'] ?? null,
                implode(';', array_map(
                    static fn (string $key, float|string|null $value): string => "{$key}={$value}", array_keys($others), $others,
                )),
                $row['outcome'], $row['band'], $row['bandProposed'], implode(';', $row['signs']), $row['food'], $row['foodLeft'],
                $row['latency'], $row['latencyMs'],
                $row['interrupted'], $row['handlerError'], $row['undone'], $row['note'], $row['stayMs'], $row['holdMs'], $row['returnMs'],
                $row['slip'], implode(';', $row['traits']), $row['stareMs'], $row['stareAt'], $row['paidMs'],
            ];
        }
        CsvWriter::write($file, $rows);
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** @return list<Trial> */
    private function trials(Session $session): array
    {
        return array_values($session->trials()->with(
            ['exposures', 'signs', 'traits', 'corrections.user'],
        )->limit(self::MAX_TRIALS)->get()->all());
    }

    /**
     * @return array{id: int, uuid: string, sequence: int, occurredAt: ?string, deviceAt: ?string, receivedAt: ?string,
     *    exposure: array<string, float|string|null>, target: array<string, float|string|null>, underAction: ?string, outcome: string,
     *    band: int, bandProposed: int, signs: list<string>, signsVersion: string, food: string, foodLeft: bool, latency: ?string,
     *    latencyMs: ?int, paidMs: ?int, stareMs: ?int, stareAt: string, stayMs: ?int, holdMs: ?int, returnMs: ?int, device: ?string,
     *    interrupted: bool, handlerError: bool, slip: ?string, traits: list<string>, undone: bool,
     *    corrections: list<array<string, mixed>>, note: ?string}
     */
    private function trial(Trial $trial): array
    {
        $part = static fn (string $part): array => $trial->exposures->where('part', $part)
            ->mapWithKeys(static fn ($row): array => [$row->dimension => $row->number ?? $row->choice])->all();

        return [
            'id' => $trial->id, 'uuid' => $trial->uuid, 'sequence' => $trial->sequence,
            'occurredAt' => self::iso($trial->occurred_at), 'deviceAt' => self::iso($trial->device_at),
            'receivedAt' => self::iso($trial->received_at),
            'exposure' => $part('real'), 'target' => $part('target'), 'underAction' => $trial->under_action,
            'outcome' => $trial->outcome->value, 'band' => $trial->band->value, 'bandProposed' => $trial->band_proposed->value,
            'signs' => array_values($trial->signs->map(static fn ($row): string => $row->sign)->sort()->all()),
            'signsVersion' => $trial->signs_version,
            'food' => $trial->food->value, 'foodLeft' => $trial->food_left, 'latency' => $trial->latency?->value,
            'latencyMs' => $trial->latency_ms, 'paidMs' => $trial->paid_ms, 'stareMs' => $trial->stare_ms, 'stareAt' => $trial->stare_at,
            'stayMs' => $trial->stay_ms, 'holdMs' => $trial->hold_ms, 'returnMs' => $trial->return_ms, 'device' => $trial->device,
            'interrupted' => $trial->interrupted, 'handlerError' => $trial->handler_error,
            'slip' => $trial->slip, 'traits' => array_values($trial->traits->map(static fn ($row): string => $row->trait)->sort()->all()),
            'undone' => $trial->isOut(),
            'corrections' => array_values($trial->corrections->map(
                static fn ($row): array => [
                    'kind' => $row->kind, 'changes' => $row->changes, 'madeAt' => self::iso($row->made_at), 'by' => $row->user->name,
                ],
            )->all()),
            'note' => $trial->note,
        ];
    }

    private static function iso(?CarbonImmutable $time): ?string
    {
        return $time?->format('Y-m-d\TH:i:s.v\Z');
    }
}
