<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Session;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final readonly class SessionPolicy
{
    public function __construct(private DogPolicy $dogs)
    {
    }

    /** Whoever sees the dog sees its sessions and may log in them: the handler's hands are full. */
    public function view(User $user, Session $session): Response
    {
        return $session->practice_id === $user->practice_id
            ? $this->dogs->view($user, $session->plan->responseModel->dog)
            : Response::denyAsNotFound();
    }

    public function end(User $user, Session $session): Response
    {
        return Seen::and(
            $this->view($user, $session), $user->role->startsSessions(), 'messages.session_policy.a_helper_leaves_the_ending_to',
        );
    }
}
