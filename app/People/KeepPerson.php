<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Person;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Psr\Clock\ClockInterface;

/** Adds, changes, archives and restores somebody who handles dogs. */
final readonly class KeepPerson
{
    public function __construct(private ClockInterface $clock, private Trail $trail)
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

    /** Is not offered any more; what they logged and handled stays theirs. */
    public function archive(User $by, Person $person): void
    {
        $person->update(['archived_at' => $this->clock->now()]);
        $this->trail->note($by, TrailAction::Archived, $person);
    }

    public function restore(User $by, Person $person): void
    {
        $person->update(['archived_at' => null]);
        $this->trail->note($by, TrailAction::Restored, $person);
    }
}
