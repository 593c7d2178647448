<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Client;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class ClientPolicy
{
    public function create(User $user): Response
    {
        return $user->role->managesPlans() ? Response::allow() : Response::deny(say('messages.person_policy.only_owners_and_trainers'));
    }

    public function view(User $user, Client $client): Response
    {
        return $client->practice_id === $user->practice_id ? $this->create($user) : Response::denyAsNotFound();
    }

    public function erase(User $user, Client $client): Response
    {
        return Seen::and($this->view($user, $client), $user->role->managesPractice(), 'messages.person_policy.only_owners');
    }
}
