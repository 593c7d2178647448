<?php

declare(strict_types=1);

namespace App\Place;

use App\Models\Place;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;

/** Adds and changes a place to train at. */
final readonly class KeepPlace
{
    public function __construct(private Trail $trail)
    {
    }

    /** @param  array<string, float|int|string|null>  $columns */
    public function add(User $by, array $columns): Place
    {
        $place = Place::query()->create(['practice_id' => $by->practice_id, ...$columns]);
        $this->trail->note($by, TrailAction::Added, $place);

        return $place;
    }

    /** @param  array<string, float|int|string|null>  $columns */
    public function change(User $by, Place $place, array $columns): void
    {
        $place->update($columns);
        if ($place->wasChanged()) {
            $this->trail->note($by, TrailAction::Changed, $place);
        }
    }
}
