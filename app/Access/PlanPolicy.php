<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Plan;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final readonly class PlanPolicy
{
    public function __construct(private DogPolicy $dogs)
    {
    }

    public function view(User $user, Plan $plan): Response
    {
        return $plan->practice_id === $user->practice_id ? $this->dogs->view($user, $plan->responseModel->dog) : Response::denyAsNotFound();
    }

    public function update(User $user, Plan $plan): Response
    {
        return $plan->practice_id === $user->practice_id ? $this->dogs->plan($user, $plan->responseModel->dog) : Response::denyAsNotFound();
    }

    public function start(User $user, Plan $plan): Response
    {
        // after a bite or a growl, whoever makes plans looks first
        return Seen::and(
            $this->writeDown($user, $plan),
            $plan->resting_reason === null || $user->role->managesPlans(),
            'messages.plan_policy.it_rests'
        );
    }

    /** A session of yesterday: what has happened can be told, whatever came of it. */
    public function writeDown(User $user, Plan $plan): Response
    {
        return Seen::and($this->view($user, $plan), $user->role->startsSessions(), 'messages.plan_policy.a_helper_logs_trials_in_a');
    }
}
