<?php

declare(strict_types=1);

namespace App\Film;

use App\Models\FilmRecord;
use App\Models\FilmRecordKind;
use App\Models\User;
use Core\Film\GradingBias;

/** How somebody's grading has moved, by the films they have graded once more. */
final readonly class GradingDrift
{
    /** Null where no film was graded again. */
    public static function of(User $user): ?GradingBias
    {
        $again = FilmRecord::query()->where('user_id', $user->id)->where('kind', FilmRecordKind::Again)->whereNotNull('finished_at')
            ->latest('finished_at')->limit(OwnGradings::FILMS)->get()->unique('film_id');
        $films = OwnGradings::beside($again, $user);

        return $films === [] ? null : GradingBias::of($films);
    }
}
