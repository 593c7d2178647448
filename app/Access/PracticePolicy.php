<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Practice;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class PracticePolicy
{
    public function update(User $user, Practice $practice): Response
    {
        return $practice->id === $user->practice_id && $user->role->managesPractice()
            ? Response::allow()
            : Response::deny(say('messages.person_policy.only_owners'));
    }
}
