<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Account\Invite;
use App\Account\LastOwner;
use App\Account\ManageSignIn;
use App\Models\Dog;
use App\Models\Invitation;
use App\Models\Person;
use App\Models\Role;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Whether a person signs in, and as what: for owners. */
final readonly class SignInController
{
    public function __construct(private Invite $invitations, private ManageSignIn $signIns)
    {
    }

    public function invite(Request $request, Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('manage', $person);
        abort_if($person->user_id !== null, 404);
        $given = Fields::of($request->validate([
            'email' => ['required', 'string', 'email', 'max:190', Rule::unique('users')],
            'role' => ['required', Rule::enum(Role::class)],
            'dog_id' => [
                'nullable', 'integer', Rule::exists('dogs', 'id')->where('practice_id', $user->practice_id),
                Rule::requiredIf($request->input('role') === Role::Guardian->value && $person->client_id === null),
            ],
        ], [
            'email.unique' => say('account.problems.email_taken'), 'email.*' => say('account.problems.email'),
            'role.*' => say('people.problems.role'), 'dog_id.*' => say('people.problems.dog'),
        ]));
        $role = Role::from($given->text('role'));
        $dog = $role === Role::Guardian ? Dog::query()->where('practice_id', $user->practice_id)->find($given->intOrNull('dog_id')) : null;
        [, $link] = $this->invitations->send($user, $person->name, $given->text('email'), $role, $person, $dog);

        return redirect()->route('people.show', $person)->with('link', $link)->with('status', say('people.sign_in.invited', [
            'email' => $given->text('email'),
        ]));
    }

    public function withdraw(Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('manage', $person);
        foreach (Invitation::open()->where('person_id', $person->id)->get() as $one) {
            $this->invitations->withdraw($user, $one);
        }

        return redirect()->route('people.show', $person)->with('status', say('people.sign_in.withdrawn'));
    }

    public function update(Request $request, Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        $signIn = $this->signInOf($person);
        $given = Fields::of($request->validate(
            ['role' => ['required', Rule::enum(Role::class)]], ['role.*' => say('people.problems.role')],
        ));
        $this->keepingAnOwner(fn () => $this->signIns->changeRole($user, $signIn, Role::from($given->text('role'))));

        return redirect()->route('people.show', $person)->with('status', say('people.sign_in.role_changed', [
            'name' => $person->name, 'role' => words()->label(Role::from($given->text('role'))),
        ]));
    }

    public function disable(Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        $signIn = $this->signInOf($person);
        $this->keepingAnOwner(fn () => $this->signIns->disable($user, $signIn));

        return redirect()->route('people.show', $person)->with('status', say('people.sign_in.is_off_now', ['name' => $person->name]));
    }

    public function enable(Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        $this->signIns->enable($user, $this->signInOf($person));

        return redirect()->route('people.show', $person)->with('status', say('people.sign_in.is_on_now', ['name' => $person->name]));
    }

    private function signInOf(Person $person): User
    {
        Gate::authorize('manage', $person);

        return $person->user ?? abort(404);
    }

    /** @param  \Closure(): void  $change */
    private function keepingAnOwner(\Closure $change): void
    {
        try {
            $change();
        } catch (LastOwner) {
            throw ValidationException::withMessages(['role' => say('people.problems.last_owner')]);
        }
    }
}
