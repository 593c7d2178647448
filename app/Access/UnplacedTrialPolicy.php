<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\UnplacedTrial;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class UnplacedTrialPolicy
{
    /** Somebody else's entry may tell of a dog that a guardian or helper must not know of: it looks as if it did not exist. */
    public function view(User $user, UnplacedTrial $unplaced): Response
    {
        $sees = $unplaced->practice_id === $user->practice_id && ($user->role->managesPlans() || $unplaced->user_id === $user->id);

        return $sees ? Response::allow() : Response::denyAsNotFound();
    }
}
