<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\FreeSession;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final readonly class FreeSessionPolicy
{
    public function __construct(private DogPolicy $dogs)
    {
    }

    /** Whoever sees the dog starts, logs and ends: nothing of any ladder moves. */
    public function view(User $user, FreeSession $session): Response
    {
        return $session->practice_id === $user->practice_id
            ? $this->dogs->view($user, $session->dog)
            : Response::denyAsNotFound();
    }
}
