<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MayHandle;
use App\Models\Person;
use App\Models\Plan;
use App\Models\User;
use App\Plans\PlanGiver;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Gives a plan to a second person. */
final readonly class HandoverController
{
    public function store(Request $request, Plan $plan, PlanGiver $giver, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $given = $request->validate([
            'to_person' => ['required', 'integer', Rule::exists(Person::class, 'id')->where('practice_id', $plan->practice_id), Rule::notIn([$plan->responseModel->person_id]), new MayHandle($plan->responseModel->dog_id)],
            'disliked' => ['nullable', 'boolean'],
        ], ['to_person.not_in' => 'That is the person who has this plan already.', 'to_person.required' => 'Choose one of the people in the list.', 'to_person.exists' => 'Choose one of the people in the list.']);
        $person = Person::query()->findOrFail((int) $given['to_person']);
        $copy = $giver->give($plan, $user, $person, $request->boolean('disliked'));

        return redirect()->route('plans.show', $copy)->with('said', "{$person->name} has a plan of their own now. {$plan->name} with {$plan->responseModel->person->name} stays as it is.");
    }
}
