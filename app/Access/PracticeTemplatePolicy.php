<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\PracticeTemplate;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class PracticeTemplatePolicy
{
    public function create(User $user): Response
    {
        return $user->role->managesPlans()
            ? Response::allow()
            : Response::deny(say('messages.practice_template_policy.only_owners_and_trainers_keep_templates'));
    }

    public function update(User $user, PracticeTemplate $template): Response
    {
        return $template->practice_id === $user->practice_id ? $this->create($user) : Response::denyAsNotFound();
    }
}
