<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\ApiToken;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Whoever makes plans lets programs in as themselves; owners may close everybody's. */
final class ApiTokenPolicy
{
    public function create(User $user): Response
    {
        return $user->role->managesPlans() ? Response::allow() : Response::deny(say('api.problems.not_yours'));
    }

    public function delete(User $user, ApiToken $token): Response
    {
        $isTheirs = $token->practice_id === $user->practice_id && ($token->user_id === $user->id || $user->role->managesPractice());

        return $isTheirs ? Response::allow() : Response::denyAsNotFound();
    }
}
