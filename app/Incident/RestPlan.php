<?php

declare(strict_types=1);

namespace App\Incident;

use App\Models\Plan;
use App\Models\PlanRest;
use App\Models\User;
use Core\Decision\RestReason;

/** A plan rests until a trainer has looked at it; that it did, and who let it go on, stays on record. */
final readonly class RestPlan
{
    public static function rest(Plan $plan, ?int $userId, RestReason $reason, \DateTimeImmutable $at): void
    {
        // written even where this record says so already: what a transaction took back, it says still when that is tried again
        Plan::query()->whereKey($plan->id)->update(['resting_reason' => $reason, 'reviewed_by' => null]);
        $plan->fill(['resting_reason' => $reason, 'reviewed_by' => null])->syncChanges()->syncOriginal();
        PlanRest::query()->create([
            'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'user_id' => $userId, 'reason' => $reason, 'rested_at' => $at,
        ]);
    }

    public static function letGoOn(Plan $plan, User $user, \DateTimeImmutable $at): void
    {
        $plan->update(['resting_reason' => null, 'reviewed_by' => $user->id]);
        PlanRest::query()->where('plan_id', $plan->id)->whereNull('reviewed_at')
            ->update(['reviewed_by' => $user->id, 'reviewed_at' => $at->format('Y-m-d H:i:s.v')]);
    }
}
