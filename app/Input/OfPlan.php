<?php

declare(strict_types=1);

namespace App\Input;

use App\Models\Plan;
use Illuminate\Support\Facades\Gate;

/** A request about the plan in its route, for whoever may change that plan. */
trait OfPlan
{
    public function authorize(): bool
    {
        Gate::authorize('update', $this->plan());

        return true;
    }

    private function plan(): Plan
    {
        $plan = $this->route('plan');

        return $plan instanceof Plan ? $plan : throw new \LogicException('The route binds a plan.');
    }
}
