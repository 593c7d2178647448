<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Plan;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** A named user has looked at a resting plan and lets it go on. */
final readonly class PlanReviewController
{
    public function store(Request $request, Plan $plan, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $request->validate(['checked' => ['accepted']], ['checked.accepted' => 'Confirm that pain, kit, place and trigger were checked.']);
        $plan->update(['resting_reason' => null, 'reviewed_by' => $user->id]);

        return redirect()->route('plans.show', $plan)->with('said', "Reviewed by {$user->name}: the plan gives advice again.");
    }
}
