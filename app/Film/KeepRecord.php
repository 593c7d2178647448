<?php

declare(strict_types=1);

namespace App\Film;

use App\Models\Film;
use App\Models\FilmRecord;
use App\Models\FilmRecordKind;
use App\Models\User;
use Core\Film\Record;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** One person's record of a film: begun, changed while it is open, finished once. */
final readonly class KeepRecord
{
    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    /** What somebody has seen until now; null where nothing was begun. */
    public static function of(Film $film, User $user): ?FilmRecord
    {
        return $film->records->first(
            static fn (FilmRecord $one): bool => $one->user_id === $user->id && $one->kind === FilmRecordKind::Graded,
        );
    }

    /**
     * The whole record each time, so that one that was lost on its way changes nothing.
     *
     * @param  int  $version  the one it was changed from; 0 for the first
     */
    public function keep(Film $film, User $user, Record $seen, int $version): FilmRecord|CannotKeep
    {
        if ($seen->length !== $film->length_ms) {
            return CannotKeep::OtherLength;
        }

        return $this->database->transaction(function () use ($film, $user, $seen, $version): FilmRecord|CannotKeep {
            $record = FilmRecord::query()->lockForUpdate()->firstOrNew(
                ['film_id' => $film->id, 'user_id' => $user->id, 'kind' => FilmRecordKind::Graded],
                ['practice_id' => $film->practice_id, 'seen' => Record::of($film->length_ms, [], [], [])->toArray()],
            );
            if ($record->finished_at !== null) {
                return CannotKeep::Finished;
            }
            // an answer that was lost: the same again is kept already
            if ($record->exists && $record->seen === $seen->toArray()) {
                return $record;
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
