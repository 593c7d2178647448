<?php

declare(strict_types=1);

namespace App\Handling\Http;

use App\Handling\LimitHandlers;
use App\Models\Dog;
use App\Models\HandlerLimit;
use App\Models\Person;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Who may not handle a dog in training. */
final readonly class HandlerLimitController
{
    public const GRADES = ['not_at_all', 'only_in_training'];

    public function __construct(private LimitHandlers $handlers)
    {
    }

    public function store(Request $request, Dog $dog, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $told = Fields::of($request->validate([
            'limited_person' => ['required', 'integer', Rule::exists(Person::class, 'id')->where('practice_id', $dog->practice_id)],
            'reason' => ['required', 'string', 'max:300'],
            'grade' => ['nullable', Rule::in(self::GRADES)],
        ],
            [
                'limited_person.*' => say('messages.handler_limit.choose_one_of_the_people_in'),
                'grade.*' => say('messages.handler_limit.choose_how_far'),
                'reason.*' => say('messages.handler_limit.say_why_in_at_most_300'),
            ]));
        $this->handlers->limit(
            $dog, $user, $told->int('limited_person'), $told->text('reason'), $told->text('grade') === 'only_in_training',
        );

        return redirect()->route('handling.show', $dog)->with('status', say(
            $told->text('grade') === 'only_in_training'
                ? 'messages.handler_limit.kept_only_in_training'
                : 'messages.handler_limit.kept_no_session_of_this_dog',
        ));
    }

    public function destroy(HandlerLimit $limit): RedirectResponse
    {
        $dog = Dog::query()->findOrFail($limit->dog_id);
        Gate::authorize('plan', $dog);
        $this->handlers->lift($limit);

        return redirect()->route('handling.show', $dog)->with('status', say('messages.handler_limit.that_person_may_handle_this_dog'));
    }
}
