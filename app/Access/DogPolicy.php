<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Dog;
use App\Models\Role;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class DogPolicy
{
    public function create(User $user): Response
    {
        return $user->role->managesPlans()
            ? Response::allow()
            : Response::deny(say('messages.dog_policy.only_owners_and_trainers_add_dogs'));
    }

    /** Another practice's dog, and for a guardian any dog but their own, looks as if it did not exist. */
    public function view(User $user, Dog $dog): Response
    {
        $sees = $dog->practice_id === $user->practice_id
            && ($user->role !== Role::Guardian || InSight::dogs($user)->whereKey($dog->id)->exists());

        return $sees ? Response::allow() : Response::denyAsNotFound();
    }

    /** Shows foundations and records what was shown. */
    public function train(User $user, Dog $dog): Response
    {
        return Seen::and($this->view($user, $dog), $user->role->startsSessions(), 'messages.dog_policy.a_helper_logs_trials_what_a');
    }

    public function plan(User $user, Dog $dog): Response
    {
        return Seen::and($this->view($user, $dog), $user->role->managesPlans(), 'messages.dog_policy.only_owners_and_trainers_make_and');
    }
}
