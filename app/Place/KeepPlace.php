<?php

declare(strict_types=1);

namespace App\Place;

use App\Models\Place;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Psr\Clock\ClockInterface;

/** Adds, changes, archives and restores a place to train at. */
final readonly class KeepPlace
{
    public function __construct(private ClockInterface $clock, private Trail $trail)
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

    /** Is not offered any more; sessions there stay. */
    public function archive(User $by, Place $place): void
    {
        $place->update(['archived_at' => $this->clock->now()]);
        $this->trail->note($by, TrailAction::Archived, $place);
    }

    public function restore(User $by, Place $place): void
    {
        $place->update(['archived_at' => null]);
        $this->trail->note($by, TrailAction::Restored, $place);
    }
}
