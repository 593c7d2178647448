<?php

declare(strict_types=1);

namespace App\Practice\Http;

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
        $given = $request->validate(['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']]);
        // per address and account, so that neither one guesser nor one target locks others out
        $key = 'sign-in:'.hash('sha256', mb_strtolower((string) $given['email']).'|'.$request->ip());
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages(['email' => 'Too many tries. Wait '.RateLimiter::availableIn($key).' seconds and try again.'])->status(429);
        }
        if (! Auth::attempt(['email' => $given['email'], 'password' => $given['password']], $request->boolean('remember'))) {
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
