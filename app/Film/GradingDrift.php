<?php

declare(strict_types=1);

namespace App\Film;

use App\Models\FilmRecord;
use App\Models\FilmRecordKind;
use App\Models\User;
use Core\Film\Drift;

/** How somebody's grading has moved, by the films they have graded once more. */
final readonly class GradingDrift
{
    private const FILMS = 50;

    /** Null where no film was graded again. */
    public static function of(User $user): ?Drift
    {
        $again = FilmRecord::query()->where('user_id', $user->id)->where('kind', FilmRecordKind::Again)->whereNotNull('finished_at')
            ->latest('finished_at')->limit(self::FILMS)->get()->unique('film_id');
        $then = FilmRecord::query()->where('user_id', $user->id)->where('kind', FilmRecordKind::Graded)
            ->whereIn('film_id', $again->pluck('film_id'))->get()->keyBy('film_id');
        $films = [];
        foreach ($again as $now) {
            $before = $then->get($now->film_id);
            if ($before !== null) {
                $films[] = [$before->record(), $now->record()];
            }
        }

        return $films === [] ? null : Drift::of($films);
    }
}
