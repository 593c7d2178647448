<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Limits\LimitsBoard;
use App\Models\Plan;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Gate;

/** What has been learned of one dog and trigger. */
final readonly class LimitsController
{
    public function show(Plan $plan, LimitsBoard $board, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $plan);

        return view('pages.plans.limits', ['plan' => $plan, ...$board->of($plan)]);
    }
}
