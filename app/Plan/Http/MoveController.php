<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Models\Dog;
use App\Models\Person;
use App\Models\Role;
use App\Models\User;
use App\Plan\MoveDogs;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** A dog, or all of somebody's, to another trainer. */
final readonly class MoveController
{
    public function __construct(private MoveDogs $moves)
    {
    }

    public function dog(Request $request, Dog $dog, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $to = $this->trainer($request, $user);
        $stayed = $this->moves->move($user, $dog, $to);

        return redirect()->route('dogs.show', $dog)->with('status', say('dogs.edit.moved', [
            'dog' => $dog->name, 'trainer' => $to->name, 'stayed' => implode(', ', $stayed), 'hasStayed' => $stayed !== [],
        ]));
    }

    public function all(Request $request, Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('manage', $person);
        $from = $person->user ?? abort(404);
        $to = $this->trainer($request, $user);
        $stayed = array_merge(...array_values($this->moves->moveAll($user, $from, $to)));

        return redirect()->route('people.show', $person)->with('status', say('people.moved', [
            'name' => $person->name, 'trainer' => $to->name, 'stayed' => implode(', ', $stayed), 'hasStayed' => $stayed !== [],
        ]));
    }

    private function trainer(Request $request, User $user): User
    {
        $given = Fields::of($request->validate(['trainer_id' => ['required', 'integer', Rule::exists('users', 'id')
            ->where('practice_id', $user->practice_id)
            ->whereIn('role', [Role::Owner->value, Role::Trainer->value])->whereNull('disabled_at'),
        ]], ['trainer_id.*' => say('dogs.edit.problems.trainer')]));

        return User::query()->findOrFail($given->int('trainer_id'));
    }
}
