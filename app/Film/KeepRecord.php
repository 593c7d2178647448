<?php

declare(strict_types=1);

namespace App\Film;

use App\Access\FilmPolicy;
use App\Models\Film;
use App\Models\FilmRecord;
use App\Models\FilmRecordKind;
use App\Models\User;
use Core\Film\GradingBias;
use Core\Film\Record;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** One person's record of a film: begun, changed while it is open, finished once. */
final readonly class KeepRecord
{
    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    /** What somebody has seen on it, or is seeing now; null where nothing was begun. */
    public static function of(Film $film, User $user): ?FilmRecord
    {
        return $film->records->filter(
            static fn (FilmRecord $one): bool => $one->user_id === $user->id && $one->kind !== FilmRecordKind::Settled,
        )->last();
    }

    /** Whether it is long enough ago that it can be graded once more. */
    public function isDueAgain(?FilmRecord $record): bool
    {
        $finished = $record?->finished_at;

        return $finished !== null && $finished <= $this->clock->now()->modify('-'.GradingBias::DAYS.' days');
    }

    /**
     * The whole record each time, so that one that was lost on its way changes nothing.
     *
     * @param  int  $version  the one it was changed from; 0 for the first, and for the first of a film that is graded once more
     */
    public function keep(Film $film, User $user, Record $seen, int $version): FilmRecord|CannotKeep
    {
        if ($seen->length !== $film->length_ms) {
            return CannotKeep::OtherLength;
        }

        return $this->database->transaction(function () use ($film, $user, $seen, $version): FilmRecord|CannotKeep {
            // one after the other: two pages that begin at once begin one record
            Film::query()->lockForUpdate()->findOrFail($film->id);
            $record = self::of($film->load('records'), $user);
            if ($record?->finished_at !== null && ! ($version === 0 && $this->isDueAgain($record))) {
                return CannotKeep::Finished;
            }
            // an answer that was lost: the same again is kept already
            if ($record !== null && $record->finished_at === null && $record->seen === $seen->toArray()) {
                return $record;
            }
            if ($record === null && $film->graded()->count() >= FilmPolicy::GRADERS) {
                return CannotKeep::TwoGrade;
            }
            if ($record === null || $record->finished_at !== null) {
                $record = new FilmRecord([
                    'practice_id' => $film->practice_id, 'film_id' => $film->id, 'user_id' => $user->id,
                    'kind' => $record === null ? FilmRecordKind::Graded : FilmRecordKind::Again,
                ]);
            }
            if ($record->version !== $version) {
                return CannotKeep::ChangedElsewhere;
            }
            $record->fill(['seen' => $seen->toArray(), 'version' => $version + 1, 'changed_at' => $this->clock->now()])->save();

            return $record;
        }, attempts: 3);
    }

    /** From then on it stays as it is, and what the other saw may be looked at. */
    public function finish(FilmRecord $record): void
    {
        if ($record->finished_at === null) {
            $record->update(['finished_at' => $this->clock->now()]);
        }
    }
}
