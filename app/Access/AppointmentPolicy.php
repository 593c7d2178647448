<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Appointment;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class AppointmentPolicy
{
    /** Lays weeks, and adds to them. */
    public function create(User $user): Response
    {
        return $user->role->managesPlans() ? Response::allow() : Response::deny(say('week.problems.only_trainers'));
    }

    public function view(User $user, Appointment $appointment): Response
    {
        return $appointment->practice_id === $user->practice_id && InSight::appointments($user)->whereKey($appointment->id)->exists()
            ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $user, Appointment $appointment): Response
    {
        return Seen::and($this->view($user, $appointment), $user->role->managesPlans(), 'week.problems.only_trainers');
    }
}
