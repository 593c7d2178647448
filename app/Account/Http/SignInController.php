<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\SignIn;
use App\Account\TooManyTries;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Psr\Clock\ClockInterface;

/** Password first; then, for those who have one, the code of the second factor. */
final readonly class SignInController
{
    private const PENDING = 'second_factor';

    private const PENDING_SECONDS = 600;

    public function __construct(private SignIn $signIn, private OpenSignIn $signIns, private ClockInterface $clock)
    {
    }

    public function create(): View
    {
        return view('pages.sign-in');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = Fields::of($request->validate(
            ['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']],
        ));
        $user = $this->within('email', fn (): ?User => $this->signIn->byPassword(
            $given->text('email'), $given->text('password'), (string) $request->ip(),
        ));
        if ($user === null) {
            throw ValidationException::withMessages(['email' => say('messages.sign_in.this_email_address_and_password_do')]);
        }

        return $this->comeIn($request, $user, $request->boolean('remember'));
    }

    /** After the password: in, or on to the code. */
    public function comeIn(Request $request, User $user, bool $isRemembered): RedirectResponse
    {
        if ($user->hasSecondFactor()) {
            $request->session()->regenerate();
            $request->session()->put(self::PENDING, [
                'user' => $user->id, 'remember' => $isRemembered, 'until' => $this->clock->now()->getTimestamp() + self::PENDING_SECONDS,
            ]);

            return redirect()->route('sign-in.code');
        }
        $this->signIns->open($request, $user, $isRemembered);

        return redirect()->intended(route('today'));
    }

    public function code(Request $request): RedirectResponse|View
    {
        return $this->pending($request) === null ? redirect()->route('sign-in') : view('pages.account.code');
    }

    public function checkCode(Request $request): RedirectResponse
    {
        $user = $this->pending($request);
        if ($user === null) {
            return redirect()->route('sign-in')->with('status', say('account.code.too_late'));
        }
        $given = Fields::of($request->validate(['code' => ['required', 'string', 'max:20']]));
        if (! $this->within('code', fn (): bool => $this->signIn->byCode($user, $given->text('code'), (string) $request->ip()))) {
            throw ValidationException::withMessages(['code' => say('account.problems.code')]);
        }
        $isRemembered = Fields::of($request->session()->pull(self::PENDING))->isOn('remember');
        $this->signIns->open($request, $user, $isRemembered);

        return redirect()->intended(route('today'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        $this->signIns->signOut($request);

        return redirect()->route('sign-in');
    }

    private function pending(Request $request): ?User
    {
        $pending = Fields::of($request->session()->get(self::PENDING));

        return $pending->int('until') < $this->clock->now()->getTimestamp()
            ? null
            : User::query()->whereKey($pending->int('user'))->whereNull('disabled_at')->first();
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $try
     * @return T
     */
    private function within(string $field, \Closure $try): mixed
    {
        try {
            return $try();
        } catch (TooManyTries $problem) {
            throw ValidationException::withMessages([
                $field => say('messages.sign_in.too_many_tries', ['seconds' => $problem->seconds]),
            ])->status(429);
        }
    }
}
