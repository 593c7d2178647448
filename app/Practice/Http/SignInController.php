<?php

declare(strict_types=1);

namespace App\Practice\Http;

use App\Support\Fields;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class SignInController
{
    private const TRIES = 5;

    private const WAIT_SECONDS = 60;

    public function create(): View
    {
        return view('pages.sign-in');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = Fields::of($request->validate(
            ['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']],
        ));
        // per address and account, so that neither one guesser nor one target locks others out
        $key = 'sign-in:'.hash('sha256', mb_strtolower($given->text('email')).'|'.$request->ip());
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages([
                'email' => say('messages.sign_in.too_many_tries', ['seconds' => RateLimiter::availableIn($key)]),
            ])->status(429);
        }
        if (! Auth::attempt(['email' => $given->text('email'), 'password' => $given->text('password')], $request->boolean('remember'))) {
            RateLimiter::hit($key, self::WAIT_SECONDS);
            throw ValidationException::withMessages(['email' => say('messages.sign_in.this_email_address_and_password_do')]);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return redirect()->intended(route('today'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
