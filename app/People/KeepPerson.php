<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Person;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;

/** Adds and changes somebody who handles dogs. */
final readonly class KeepPerson
{
    public function __construct(private Trail $trail)
    {
    }

    /** @param  array{name: string, phone: string, note: string, client_id: ?int}  $columns */
    public function add(User $by, array $columns): Person
    {
        $person = Person::query()->create(['practice_id' => $by->practice_id, ...$columns]);
        $this->trail->note($by, TrailAction::Added, $person);

        return $person;
    }

    /** @param  array{name: string, phone: string, note: string, client_id: ?int}  $columns */
    public function change(User $by, Person $person, array $columns): void
    {
        $before = $person->name;
        $person->update($columns);
        if ($person->wasChanged('name')) {
            // who signs in is called as who handles
            User::query()->whereKey($person->user_id)->update(['name' => $person->name]);
        }
        if ($person->wasChanged()) {
            $this->trail->note($by, TrailAction::Changed, $person, $before === $person->name ? [] : ['before' => $before]);
        }
    }
}
