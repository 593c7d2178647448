<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Place;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class PlacePolicy
{
    public function view(User $user, Place $place): Response
    {
        return InSight::allPlaces($user)->whereKey($place->id)->exists() ? Response::allow() : Response::denyAsNotFound();
    }

    public function create(User $user): Response
    {
        return $user->role->managesPlans() ? Response::allow() : Response::deny(say('messages.place_policy.only_owners_and_trainers'));
    }

    public function update(User $user, Place $place): Response
    {
        return Seen::and($this->view($user, $place), $user->role->managesPlans(), 'messages.place_policy.only_owners_and_trainers');
    }
}
