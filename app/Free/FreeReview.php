<?php

declare(strict_types=1);

namespace App\Free;

use App\Engine\StandingObservation;
use App\Handling\AreaView;
use App\Models\FreeSession;
use App\Models\ObservationCorrection;
use Core\Observation\Kind;
use Core\Observation\Observation;
use Core\Observation\SegmentKind;
use Core\Observation\Stretch;
use Core\Sign\Band;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** What a session without a ladder was: its stretches, what a break did, and how it was against the last one. */
final readonly class FreeReview
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @return array{all: Stretch, stretches: non-empty-list<Stretch>, afterBreak: ?string, before: ?FreeSession, last: ?Stretch,
     *    drills: array<string, array{int, int, int}>, slips: array<string, int>, parts: array<string, int>, fineAt: list<string>,
     *    tooMuchAt: list<string>, seen: list<Observation>,
     *    rows: list<array{id: int, words: string, seen: Observation, seconds: float, isOut: bool, corrected: list<string>}>}
     */
    public function of(FreeSession $session): array
    {
        $now = $this->clock->now();
        $record = FreeRecord::of($session, $now);
        $stretches = $record->stretches();
        $before = FreeSession::query()->where('dog_id', $session->dog_id)->where('activity', $session->activity)
            ->whereNotNull('ended_at')->where('started_at', '<', $session->started_at->format('Y-m-d H:i:s.v'))
            ->latest('started_at')->first();
        $slips = [];
        $rows = [];
        (new Collection($record->stored))->loadMissing('corrections.user');
        foreach ($record->stored as $id => $row) {
            $isOut = ! isset($record->seen[$id]);
            $standing = StandingObservation::of($row)->observation;
            if (! $isOut && $standing->kind === Kind::Mistake) {
                $slips[$standing->what] = ($slips[$standing->what] ?? 0) + 1;
            }
            $rows[] = [
                'id' => $id, 'isOut' => $isOut, 'words' => FreeInWords::observation($standing), 'seen' => $standing,
                'seconds' => max(0.0, (float) $row->occurred_at->format('U.u') - (float) $session->started_at->format('U.u')),
                'corrected' => array_values($row->corrections->filter(
                    // what a stare was at is said right after the tap: that puts nothing right
                    static fn (ObservationCorrection $one): bool => isset($one->changes['isOut'])
                        || ($session->ended_at !== null && $one->made_at > $session->ended_at),
                )->map(static fn (ObservationCorrection $one): string => say(
                    'free.put_right_by',
                    [
                        'person' => $one->user->name, 'when' => words()->formats->dateTime($one->made_at),
                        'isOut' => match ($one->changes['isOut'] ?? null) {
                            null => 'other', true => 'out', default => 'back'
                        },
                    ],
                ))->all()),
            ];
        }

        return [
            'all' => Stretch::together($stretches), 'stretches' => $stretches, 'afterBreak' => self::afterBreak($stretches),
            'before' => $before,
            'last' => $before === null ? null : Stretch::together(FreeRecord::of($before, $now)->stretches()),
            'seen' => array_values($record->seen), 'drills' => $record->drills(), 'slips' => $slips, 'rows' => $rows,
            'parts' => $record->parts(),
            'fineAt' => self::steps($record, static fn (Band $band): bool => $band->value <= Band::Aware->value),
            'tooMuchAt' => self::steps($record, static fn (Band $band): bool => $band->value > Band::Aware->value),
        ];
    }

    /**
     * @param  callable(Band): bool  $isOne
     * @return list<string>
     */
    private static function steps(FreeRecord $record, callable $isOne): array
    {
        return array_values(array_map(
            static fn (Observation $one): string => $one->side === '' ? $one->what : AreaView::name($one->what, $one->side),
            array_filter($record->graded(), static fn (Observation $one): bool => $one->band !== null && $isOne($one->band)),
        ));
    }

    /**
     * The same spot before and after a break, in a sentence; where what was there has changed as well, the sentence says so.
     *
     * @param  list<Stretch>  $stretches
     */
    private static function afterBreak(array $stretches): ?string
    {
        foreach ($stretches as $i => $stretch) {
            $spot = $stretches[$i - 2] ?? null;
            $before = $spot?->looksAMinute();
            $after = $stretch->looksAMinute();
            if ($stretch->kind->isReturn() && ($stretches[$i - 1] ?? null)?->kind === SegmentKind::Break && $before !== null
                && $after !== null) {
                return say('free.after_break', [
                    'before' => words()->formats->number(round($before, 1)), 'after' => words()->formats->number(round($after, 1)),
                    'change' => ['less', 'same', 'more'][1 + ($after <=> $before)], 'hasChanged' => $stretch->kind === SegmentKind::Changed,
                ]);
            }
        }

        return null;
    }
}
