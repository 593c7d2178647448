<?php

declare(strict_types=1);

namespace App\Film;

use App\Models\Film;
use App\Models\Session;
use App\Models\Trial;

/** A film lies beside a session once one moment of both is known. */
final readonly class LineUp
{
    private const MOST = 500;

    /** @param  int  $at  milliseconds of the film at which the trial was */
    public function with(Film $film, Session $session, Trial $trial, int $at): void
    {
        $film->update(['session_id' => $session->id, 'aligned_ms' => $at, 'aligned_at' => $trial->occurred_at]);
    }

    /**
     * Where on the film the trials of its session are.
     *
     * @return list<array{number: int, at: int}> milliseconds; those that the film shows
     */
    public static function trials(Film $film): array
    {
        if ($film->session === null || $film->aligned_at === null) {
            return [];
        }
        $from = $film->aligned_at->getTimestampMs() - (int) $film->aligned_ms;
        $trials = [];
        foreach (self::of($film->session) as $i => $trial) {
            $at = $trial->occurred_at->getTimestampMs() - $from;
            if ($at >= 0 && $at <= $film->length_ms) {
                $trials[] = ['number' => $i + 1, 'at' => $at];
            }
        }

        return $trials;
    }

    /** @return list<Trial> that count, in their order */
    public static function of(Session $session): array
    {
        return array_values(Trial::query()->where('session_id', $session->id)->orderBy('occurred_at')->orderBy('id')->limit(self::MOST)
            ->get()->reject(static fn (Trial $trial): bool => $trial->isOut())->all());
    }
}
