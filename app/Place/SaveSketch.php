<?php

declare(strict_types=1);

namespace App\Place;

use App\Models\Place;
use App\Models\Sketch;
use App\Models\User;

/** Keeps a place as it is sketched. */
final readonly class SaveSketch
{
    /**
     * @param  array<string, float>  $layout  in meters, meters per second and seconds
     * @param  array<string, int>  $passes  an hour, by time of day
     */
    public function keep(Place $place, User $user, array $layout, array $passes, ?string $note): void
    {
        Sketch::query()->updateOrCreate(['place_id' => $place->id], [
            'practice_id' => $place->practice_id, 'user_id' => $user->id, 'layout' => $layout, 'passes' => $passes, 'note' => $note,
        ]);
    }
}
