<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Input\MayHandle;
use App\Models\Person;
use App\Models\Plan;
use App\Models\User;
use App\Plan\HandOverPlan;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Gives a plan to a second person. */
final readonly class HandoverController
{
    public function store(Request $request, Plan $plan, HandOverPlan $handovers, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $given = Fields::of($request->validate([
            'to_person' => [
                'required', 'integer', Rule::exists(Person::class, 'id')->where('practice_id', $plan->practice_id),
                Rule::notIn([$plan->responseModel->person_id]), new MayHandle($plan->responseModel->dog_id),
            ],
            'disliked' => ['nullable', 'boolean'],
        ],
            [
                'to_person.not_in' => say('messages.handover.that_is_the_person_who_has'),
                'to_person.required' => say('messages.handover.choose_one_of_the_people_in'),
                'to_person.exists' => say('messages.handover.choose_one_of_the_people_in'),
            ]));
        $person = Person::query()->findOrFail($given->int('to_person'));
        $copy = $handovers->give($plan, $user, $person, $request->boolean('disliked'));

        return redirect()->route('plans.show', $copy)->with('status', say('messages.handover.has_a_plan_of_their_own', [
            'person' => $person->name, 'plan' => $plan->name, 'person2' => $plan->responseModel->person->name,
        ]));
    }
}
