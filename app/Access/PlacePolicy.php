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
        return InSight::places($user)->whereKey($place->id)->exists() ? Response::allow() : Response::denyAsNotFound();
    }
}
