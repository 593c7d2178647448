<?php

declare(strict_types=1);

namespace App\People;

use App\Access\InSight;
use App\Models\Person;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;

/** Somebody who handles for the first time, named on the spot in place of being chosen from the list. */
final readonly class NewHandler
{
    public const FIELD = 'person_name';

    public const RULES = ['nullable', 'string', 'max:120'];

    public function __construct(private Trail $trail)
    {
    }

    /** Who is known by that name to whoever types it; else they are added. */
    public function named(User $by, string $name): int
    {
        $known = InSight::people($by)->where('name', $name)->orderBy('id')->value('id');
        if (is_int($known)) {
            return $known;
        }
        $person = Person::query()->create(['practice_id' => $by->practice_id, 'name' => $name]);
        $this->trail->note($by, TrailAction::Added, $person);

        return $person->id;
    }
}
