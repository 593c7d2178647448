<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\Join;
use App\Support\Fields;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Where a one-time link leads: into a practice somebody was invited to, or to a new one and its first owner. */
final readonly class JoinController
{
    public function __construct(private Join $joins, private OpenSignIn $signIns)
    {
    }

    public function invited(string $token): View
    {
        $invitation = $this->joins->invitation($token);

        return $invitation === null
            ? view('pages.account.link-used', ['of' => 'invitation'])
            : view('pages.account.join', ['token' => $token, 'invitation' => $invitation]);
    }

    public function join(Request $request, string $token): RedirectResponse|View
    {
        $invitation = $this->joins->invitation($token);
        $user = null;
        if ($invitation !== null) {
            $given = Fields::of($request->validate([
                'name' => ['required', 'string', 'max:120'],
                'password' => NewPassword::rules($invitation->name, $invitation->email, $invitation->practice->name),
            ], [...NewPassword::messages(), 'name.*' => say('account.problems.name')]));
            $user = $this->joins->asInvited($token, $given->text('name'), $given->text('password'));
        }
        if ($user === null) {
            return view('pages.account.link-used', ['of' => 'invitation']);
        }
        $this->signIns->open($request, $user, false);

        return redirect()->route('today')->with('status', say('account.join.welcome', [
            'name' => $user->name, 'practice' => $user->practice->name,
        ]));
    }

    public function setUp(string $token): View
    {
        return $this->joins->setUpLink($token) === null
            ? view('pages.account.link-used', ['of' => 'set_up'])
            : view('pages.account.set-up', ['token' => $token, 'zones' => \DateTimeZone::listIdentifiers()]);
    }

    public function make(Request $request, string $token): RedirectResponse|View
    {
        $user = null;
        if ($this->joins->setUpLink($token) !== null) {
            $given = Fields::of($request->validate([
                'practice' => ['required', 'string', 'max:120'], 'town' => ['nullable', 'string', 'max:120'],
                'time_zone' => ['required', 'string', Rule::in(\DateTimeZone::listIdentifiers())],
                'name' => ['required', 'string', 'max:120'], 'email' => ['required', 'string', 'email', 'max:190', 'unique:users'],
                'password' => NewPassword::rules(
                    $request->string('name')->value(), $request->string('email')->value(), $request->string('practice')->value(),
                ),
            ], [
                ...NewPassword::messages(), 'practice.*' => say('account.problems.practice'),
                'time_zone.*' => say('account.problems.zone'), 'name.*' => say('account.problems.name'),
                'email.unique' => say('account.problems.email_taken'), 'email.*' => say('account.problems.email'),
            ]));
            $user = $this->joins->asFirstOwner(
                $token, $given->text('practice'), $given->text('town'), $given->text('time_zone'), $given->text('name'),
                $given->text('email'), $given->text('password'),
            );
        }
        if ($user === null) {
            return view('pages.account.link-used', ['of' => 'set_up']);
        }
        $this->signIns->open($request, $user, false);

        return redirect()->route('today')->with('status', say('account.join.welcome', [
            'name' => $user->name, 'practice' => $user->practice->name,
        ]));
    }
}
