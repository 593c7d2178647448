<?php

declare(strict_types=1);

namespace App\Film;

use App\Models\FilmRecord;
use App\Models\FilmRecordKind;
use App\Models\User;
use Core\Film\Record;
use Illuminate\Support\Collection;

/** What somebody said of films at first, beside what is said of the same films otherwise. */
final readonly class OwnGradings
{
    /** Films that are looked at, the newest. */
    public const FILMS = 50;

    /**
     * @param  Collection<int, FilmRecord>  $others  one of a film
     * @return list<array{Record, Record}> their own first, then the other; without films that they did not grade
     */
    public static function beside(Collection $others, User $user): array
    {
        $own = FilmRecord::query()->where('user_id', $user->id)->where('kind', FilmRecordKind::Graded)
            ->whereIn('film_id', $others->pluck('film_id'))->get()->keyBy('film_id');
        $films = [];
        foreach ($others as $other) {
            $graded = $own->get($other->film_id);
            if ($graded !== null) {
                $films[] = [$graded->record(), $other->record()];
            }
        }

        return $films;
    }
}
