<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\DogCatalogs;
use App\Engine\PlanReader;
use App\Engine\TrialReader;
use App\Models\AdviceGiven;
use App\Models\Session;
use App\Models\Trial;
use App\Models\TrialCorrection;
use App\Support\Fields;
use Core\Decision\Credit;
use Core\Decision\LoggedTrial;
use Core\Exposure\Exposure;
use Illuminate\Database\Query\Builder;

/** The session in rows for its review: each trial with the advice after it and whether that was followed. */
final readonly class ReviewPage
{
    private const MOST_OUT = 200;

    private const MOST_CORRECTIONS = 2000;

    private const TIMED = ['latency_ms', 'paid_ms', 'hold_ms', 'stare_ms'];

    public function __construct(private TrialReader $trials, private DogCatalogs $catalogs, private PlanReader $plans)
    {
    }

    /**
     * @return list<array{id: int, trial: LoggedTrial, words: string, note: string, slip: ?Slip, traits: list<string>,
     *    signs: list<string>, corrected: list<string>, times: list<string>, secondsFromStart: float, advice: ?AdviceGiven,
         adviceWords: ?string,
     *    followed: ?bool}>
     */
    public function rows(Session $session): array
    {
        $catalog = $this->catalogs->of($session->plan->responseModel);
        $credit = new Credit($this->plans->read($session->plan)->ladder, $catalog);
        $read = $this->trials->ofSession($session);
        $trials = $read->trials;
        // the latest advice after each trial: an undo or edit asks anew
        $advice = $session->advice()->whereNotNull('trial_id')->limit(4000)->get()->keyBy('trial_id');
        $corrections = $this->corrections($session);
        $ids = array_keys($trials);
        $times = $this->times($session);
        $rows = [];
        foreach ($ids as $i => $id) {
            $trial = $trials[$id];
            $given = $advice->get($id);
            $next = isset($ids[$i + 1]) ? $trials[$ids[$i + 1]] : null;
            $advised = $given?->exposure === null ? null : Exposure::of($given->exposure, $catalog);
            $rows[] = [
                'id' => $id,
                'trial' => $trial,
                'words' => words()->exposure($trial->exposure, $catalog),
                'note' => $read->marks[$id]['note'],
                'slip' => Slip::tryFrom($read->marks[$id]['slip']),
                'traits' => array_values(array_filter(explode(';', $read->marks[$id]['traits']))),
                'signs' => array_map(static fn (string $sign): string => words()->sign($sign), $trial->signs),
                'times' => $times[$id] ?? [],
                'corrected' => $corrections[$id] ?? [],
                'secondsFromStart' => (float) $trial->at->format('U.u') - (float) $session->started_at->format('U.u'),
                'advice' => $given,
                'adviceWords' => $advised === null ? null : words()->exposure($advised, $catalog),
                'followed' => $given === null ? null : self::isFollowed($credit, $given, $advised, $next),
            ];
        }

        return $rows;
    }

    /** @return array<int, list<string>> what was timed of each trial, in words */
    private function times(Session $session): array
    {
        $times = [];
        foreach ($session->trials()->toBase()->where(static fn (Builder $any) => $any->whereNotNull('hold_ms')->orWhereNotNull('stare_ms')
            ->orWhereNotNull('latency_ms')->orWhereNotNull('paid_ms'))->get(['id', ...self::TIMED, 'stare_at']) as $row) {
            $row = Fields::of($row);
            foreach (self::TIMED as $of) {
                if ($row->intOrNull($of) !== null) {
                    $times[$row->int('id')][] = say("sessions.review.timed.{$of}", [
                        'seconds' => words()->formats->number($row->int($of) / 1000, 1), 'isTold' => $row->text('stare_at') !== '',
                        'at' => $row->text('stare_at'),
                    ]);
                }
            }
        }

        return $times;
    }

    /** @return list<Trial> that were taken out of the count, oldest first */
    public function takenOut(Session $session): array
    {
        return array_values($session->trials()->with('corrections')->whereHas(
            'corrections', static fn ($corrections) => $corrections->where('kind', 'undo'),
        )->limit(self::MOST_OUT)->get()->filter(static fn (Trial $trial): bool => $trial->isOut())->all());
    }

    /** @return array<int, list<string>> who put what right and when, by trial */
    private function corrections(Session $session): array
    {
        $said = [];
        foreach (TrialCorrection::query()->with('user')->whereHas('trial', static fn ($trials) => $trials->where(
            'session_id', $session->id,
        ))->orderBy('id')->limit(self::MOST_CORRECTIONS)->get() as $correction) {
            $said[$correction->trial_id][] = say('sessions.review.corrected_by', [
                'kind' => $correction->kind, 'person' => $correction->user->name,
                'when' => words()->formats->dateTime($correction->made_at),
            ]);
        }

        return $said;
    }

    /** By where the dog really was next, never by what was picked. Null where there was no next trial to follow it with. */
    private static function isFollowed(Credit $credit, AdviceGiven $given, ?Exposure $advised, ?LoggedTrial $next): ?bool
    {
        if ($next === null) {
            return $given->action->endsSession() ? true : null;
        }

        return $advised !== null && $credit->isSamePlace($next->exposure, $advised);
    }
}
