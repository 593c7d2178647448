<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\Dog;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;

/** Takes a dog into the practice; whoever does so is in charge of it until it is moved. */
final readonly class AddDog
{
    public function __construct(private Trail $trail)
    {
    }

    /** @param  array<string, bool|int|string|null>  $columns */
    public function add(User $user, array $columns): Dog
    {
        $dog = Dog::query()->create(['practice_id' => $user->practice_id, 'trainer_id' => $user->id, ...$columns]);
        $this->trail->note($user, TrailAction::Added, $dog);

        return $dog;
    }
}
