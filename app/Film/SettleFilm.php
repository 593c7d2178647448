<?php

declare(strict_types=1);

namespace App\Film;

use App\Models\Film;
use App\Models\FilmRecord;
use App\Models\FilmRecordKind;
use App\Models\User;
use Core\Film\Settlement;
use Psr\Clock\ClockInterface;

/** A third record from the two that were graded; both stay as they are. Settled anew, the new one counts. */
final readonly class SettleFilm
{
    public function __construct(private ClockInterface $clock, private KnownGrading $grading)
    {
    }

    /**
     * The two that were finished, the one begun first before the other.
     *
     * @return array{FilmRecord, FilmRecord}|null null while one is not
     */
    public static function graded(Film $film): ?array
    {
        [$first, $second] = [$film->finished()->get(0), $film->finished()->get(1)];

        return $first === null || $second === null ? null : [$first, $second];
    }

    public static function settled(Film $film): ?FilmRecord
    {
        return $film->records->first(static fn (FilmRecord $one): bool => $one->kind === FilmRecordKind::Settled);
    }

    /** @param  list<string>  $followed  keys of the differences in which the second grader is right */
    public function settle(Film $film, User $by, array $followed): ?FilmRecord
    {
        [$first, $second] = self::graded($film) ?? [null, null];
        if ($first === null || $second === null) {
            return null;
        }
        $settled = self::settled($film) ?? new FilmRecord(['kind' => FilmRecordKind::Settled]);
        $settled->fill([
            'practice_id' => $film->practice_id, 'film_id' => $film->id, 'user_id' => $by->id, 'version' => $settled->version + 1,
            'seen' => Settlement::of($first->record(), $second->record(), $followed)->toArray(), 'changed_at' => $this->clock->now(),
            'finished_at' => $this->clock->now(),
        ])->save();
        foreach ([$first, $second] as $graded) {
            $this->grading->renew($graded->user);
        }

        return $settled;
    }
}
