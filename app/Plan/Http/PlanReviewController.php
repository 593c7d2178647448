<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Models\Plan;
use App\Models\User;
use App\Plan\ReviewPlan;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** A named user has looked at a resting plan and lets it go on. */
final readonly class PlanReviewController
{
    public function store(Request $request, Plan $plan, ReviewPlan $reviews, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $request->validate(['checked' => ['accepted']], [
            'checked.accepted' => say('messages.plan_review.confirm_that_pain_kit_place_and'),
        ]);
        $reviews->letGoOn($plan, $user);

        return redirect()->route('plans.show', $plan)->with('status', say(
            'messages.plan_review.reviewed_by_the_plan_gives_advice', ['user' => $user->name],
        ));
    }
}
