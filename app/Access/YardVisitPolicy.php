<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use App\Models\YardVisit;
use Illuminate\Auth\Access\Response;

/** A visit is whoever's made it. */
final readonly class YardVisitPolicy
{
    public function view(User $user, YardVisit $visit): Response
    {
        return $visit->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
