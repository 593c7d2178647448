<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;

/** The dogs a user may see: those of the practice, and for a guardian only their own. */
final class DogsInSight
{
    /** @return Builder<Dog> */
    public static function of(User $user): Builder
    {
        $dogs = Dog::query()->where('dogs.practice_id', $user->practice_id);

        return $user->role === Role::Guardian
            ? $dogs->whereHas('guardians', static fn (Builder $guardians) => $guardians->whereKey($user->id))
            : $dogs;
    }
}
