<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\Plan;
use App\Models\User;

/** A named user has looked at a resting plan and lets it go on; or a plan is put away, and brought back. */
final readonly class ReviewPlan
{
    public function letGoOn(Plan $plan, User $user): void
    {
        $plan->update(['resting_reason' => null, 'reviewed_by' => $user->id]);
    }

    /** The plan goes out of sight; its sessions and trials stay, and late trials still join them. */
    public function putAway(Plan $plan): void
    {
        $plan->delete();
    }

    public function bringBack(Plan $plan): void
    {
        $plan->restore();
    }
}
