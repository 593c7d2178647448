<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Import;
use App\Models\ImportKind;
use App\Models\ImportRow;
use App\Models\Plan;
use App\Models\Session;
use App\Models\SessionKind;
use App\Models\TrainingSet;
use App\Models\Trial;
use App\Session\KeepPastTrials;
use App\Session\TrialParser;
use App\Support\Fields;
use App\Support\UuidOfBytes;
use Core\Measure\DistanceUnit;

/** Trials, or sessions told in one line each: what one person did with one plan at one place on one day is one session. */
final class SessionRows implements RowWriter
{
    /** Between trials whose time is not known, and the least between two that share a minute. */
    private const SECONDS_APART = 120;

    private const LEAST_SECONDS = 10;

    /** @var array<int, Plan> */
    private array $plans = [];

    public function __construct(private readonly TrialParser $parser, private readonly KeepPastTrials $past)
    {
    }

    public function write(Import $import, \Closure $tell): int
    {
        $written = 0;
        $group = [];
        foreach ($import->goodRows()
            ->orderBy('session')->orderBy('occurs_at')->orderBy('number')->lazy(1000) as $row) {
            // a session that is told in one line is its own
            if ($group !== [] && ($import->kind === ImportKind::Sessions || $group[0]->session !== $row->session)) {
                $written += $this->session($import, $group);
                $group = [];
                $tell($written);
            }
            $group[] = $row;
        }
        $written += $group === [] ? 0 : $this->session($import, $group);

        return $written;
    }

    /** @param  non-empty-list<ImportRow>  $rows  of one session, in the order of their times */
    private function session(Import $import, array $rows): int
    {
        $isTrials = $import->kind === ImportKind::Trials;
        $first = Fields::of($rows[0]->data);
        $plan = $this->plan($first->int('plan'));
        $times = $isTrials ? self::times($rows) : [$rows[0]->occurs_at?->toDateTimeImmutable() ?? new \DateTimeImmutable];
        $end = $isTrials
            ? $times[count($times) - 1]->add(new \DateInterval('PT'.self::SECONDS_APART.'S'))
            : $times[0]->modify("+{$first->int('minutes')} minutes");
        // trials of one day make one session; a session told in a line is what its line says
        $key = $isTrials
            ? UuidOfBytes::version(8, hash('sha256', "{$import->practice_id} {$rows[0]->session}", true)) : (string) $rows[0]->uuid;
        $session = Session::query()->with('sets')->where('practice_id', $import->practice_id)->where('import_key', $key)->first()
            ?? $this->begin($import, $plan, $first, $key, $times[0], $end, $isTrials ? '' : $first->text('note'));
        $session->setRelation('plan', $plan);
        if ($session->started_at > $times[0] || $session->ended_at < $end) {
            $session->update(['started_at' => min($session->started_at, $times[0]), 'ended_at' => max($session->ended_at, $end)]);
        }
        $last = $session->wasRecentlyCreated ? 0 : Trial::query()->where('session_id', $session->id)->max('sequence');
        $trials = [];
        foreach ($isTrials ? $rows : [] as $i => $row) {
            $trials[] = $this->parser->parse([
                ...$row->data, 'uuid' => (string) $row->uuid, 'sequence' => (is_numeric($last) ? (int) $last : 0) + $i + 1,
                'device_at' => $times[$i]->format('Y-m-d\TH:i:s\Z'),
            ], $session, DistanceUnit::Meter);
        }
        $this->past->into($session, $import->user, $trials, $import->id);

        return count($rows);
    }

    private function begin(
        Import $import, Plan $plan, Fields $of, string $key, \DateTimeImmutable $from, \DateTimeImmutable $until, string $note,
    ): Session {
        $session = (new Session)->forceFill([
            'practice_id' => $import->practice_id, 'plan_id' => $plan->id, 'person_id' => $of->int('person'), 'user_id' => $import->user_id,
            'place_id' => $of->intOrNull('place'), 'started_at' => $from, 'ended_at' => $until, 'kind' => SessionKind::Ladder,
            'checklist' => ['written_from' => 'import'], 'upset' => 0.0, 'end_note' => $note === '' ? null : $note, 'import_key' => $key,
            'import_id' => $import->id,
        ]);
        $session->save();
        $set = TrainingSet::query()->create(['session_id' => $session->id, 'position' => 1, 'started_at' => $from, 'ended_at' => $until]);

        return $session->setRelation('sets', $set->newCollection([$set]));
    }

    /**
     * One after the other: a trial whose time is not known stands a while after the one before, and what was held has had its time.
     *
     * @param  non-empty-list<ImportRow>  $rows
     * @return non-empty-list<\DateTimeImmutable>
     */
    private static function times(array $rows): array
    {
        $times = [];
        foreach ($rows as $row) {
            $data = Fields::of($row->data);
            $told = $row->occurs_at?->toDateTimeImmutable() ?? new \DateTimeImmutable;
            $apart = $data->isOn('isTimed') ? self::LEAST_SECONDS : self::SECONDS_APART;
            $apart += (int) ceil(($data->numberOrNull('hold_ms') ?? 0.0) / 1000.0);
            $last = $times === [] ? null : $times[count($times) - 1];
            $times[] = $last === null ? $told : max($told, $last->add(new \DateInterval("PT{$apart}S")));
        }

        return $times;
    }

    private function plan(int $id): Plan
    {
        return $this->plans[$id] ??= Plan::query()->withTrashed()->with([
            'responseModel.dog.practice', 'responseModel.dog.intake', 'responseModel.trigger', 'place',
        ])->findOrFail($id);
    }
}
