<?php

declare(strict_types=1);

namespace App\Plan;

use App\Incident\RestPlan;
use App\Models\Plan;
use App\Models\User;
use Psr\Clock\ClockInterface;

/** A named user has looked at a resting plan and lets it go on; or a plan is put away, and brought back. */
final readonly class ReviewPlan
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function letGoOn(Plan $plan, User $user): void
    {
        RestPlan::letGoOn($plan, $user, $this->clock->now());
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
