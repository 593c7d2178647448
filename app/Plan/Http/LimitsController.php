<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Models\Plan;
use App\Models\User;
use App\Plan\LimitsPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Gate;

/** What has been learned of one dog and trigger. */
final readonly class LimitsController
{
    public function show(Plan $plan, LimitsPage $page, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $plan);

        return view('pages.plans.limits', ['plan' => $plan, ...$page->of($plan)]);
    }
}
