<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Person;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class PersonPolicy
{
    public function create(User $user): Response
    {
        return $user->role->managesPlans() ? Response::allow() : Response::deny(say('messages.person_policy.only_owners_and_trainers'));
    }

    /** Who the others are, and how to reach them, is for those who make plans. */
    public function view(User $user, Person $person): Response
    {
        return $person->practice_id === $user->practice_id ? $this->create($user) : Response::denyAsNotFound();
    }

    /** The calendar of oneself; of others for those who lay weeks. */
    public function calendar(User $user, Person $person): Response
    {
        return $person->practice_id === $user->practice_id && ($user->role->managesPlans() || $person->user_id === $user->id)
            ? Response::allow() : Response::denyAsNotFound();
    }

    /** Who may sign in, and as what. */
    public function manage(User $user, Person $person): Response
    {
        return Seen::and($this->view($user, $person), $user->role->managesPractice(), 'messages.person_policy.only_owners');
    }
}
