<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\ChangePassword;
use App\Support\Fields;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;

/** A password that was forgotten: a link by mail, good for an hour, and a new one. */
final readonly class ForgottenController
{
    private const A_MINUTE = 5;

    public function __construct(private ChangePassword $passwords)
    {
    }

    public function create(): View
    {
        return view('pages.account.forgotten');
    }

    /** Answers alike whether the address is known or not. */
    public function store(Request $request): RedirectResponse
    {
        $given = Fields::of($request->validate(
            ['email' => ['required', 'string', 'email', 'max:190']], ['email.*' => say('account.problems.email')],
        ));
        RateLimiter::attempt(
            'forgotten:'.hash('sha256', (string) $request->ip()), self::A_MINUTE,
            fn () => $this->passwords->forgotten($given->text('email')),
        );

        return redirect()->route('sign-in')->with('status', say('account.forgotten.sent'));
    }

    public function edit(string $token): View
    {
        $user = $this->passwords->holder($token);

        return $user === null
            ? view('pages.account.link-used', ['of' => 'password'])
            : view('pages.account.reset', ['token' => $token, 'user' => $user]);
    }

    public function update(Request $request, string $token, SignInController $signIn): RedirectResponse|View
    {
        $user = $this->passwords->holder($token);
        if ($user !== null) {
            $given = Fields::of($request->validate(
                ['password' => NewPassword::rules($user->name, $user->email, $user->practice->name)], NewPassword::messages(),
            ));
            $user = $this->passwords->reset($token, $given->text('password'));
        }

        return $user === null ? view('pages.account.link-used', ['of' => 'password']) : $signIn->comeIn($request, $user, false);
    }
}
