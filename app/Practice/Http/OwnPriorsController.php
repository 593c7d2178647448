<?php

declare(strict_types=1);

namespace App\Practice\Http;

use App\Models\User;
use App\Practice\OwnPriors;
use Core\Response\EmpiricalBayes;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** New plans begin with what the practice's own dogs have in common, or as usual: for its owners. */
final readonly class OwnPriorsController
{
    public function update(OwnPriors $priors, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $user->practice);
        $isKnown = $priors->workOut($user);

        return redirect()->route('practice')->with('status', $isKnown
            ? say('practice.own_priors.worked_out')
            : say('practice.own_priors.too_few', ['dogs' => EmpiricalBayes::MIN_DOGS, 'trials' => EmpiricalBayes::MIN_TRIALS]));
    }

    public function destroy(OwnPriors $priors, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $user->practice);
        $priors->giveUp($user);

        return redirect()->route('practice')->with('status', say('practice.own_priors.given_up'));
    }
}
