<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Import;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Files are brought in by whoever makes plans; what one brought in, another of them may undo. */
final class ImportPolicy
{
    public function create(User $user): Response
    {
        return $user->role->managesPlans() ? Response::allow() : Response::deny(say('imports.problems.not_yours'));
    }

    public function view(User $user, Import $import): Response
    {
        return $import->practice_id !== $user->practice_id ? Response::denyAsNotFound() : $this->create($user);
    }
}
