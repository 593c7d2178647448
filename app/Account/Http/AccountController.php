<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\ChangePassword;
use App\Account\ChangeProfile;
use App\Account\Devices;
use App\Account\SecondFactor;
use App\Account\Totp;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/** Somebody's own sign-in: name and address, password, second factor, devices. */
final readonly class AccountController
{
    public function __construct(private Devices $devices, private SecondFactor $secondFactor)
    {
    }

    public function edit(Request $request, #[CurrentUser] User $user): View
    {
        return view('pages.account.edit', [
            'user' => $user, 'devices' => $this->devices->of($user), 'thisDevice' => OpenSignIn::device($request),
            'codes' => Fields::of(['codes' => $request->session()->get('codes')])->texts('codes'),
            'address' => $user->totp_secret === null ? null : Totp::address($user->totp_secret, $user->email),
        ]);
    }

    public function update(ProfileRequest $request, ChangeProfile $profiles, #[CurrentUser] User $user): RedirectResponse
    {
        $profiles->change($user, $request->given()->text('name'), $request->given()->text('email'));

        return $this->back(say('account.saved'));
    }

    public function password(PasswordRequest $request, ChangePassword $passwords, #[CurrentUser] User $user): RedirectResponse
    {
        $passwords->change($user, $request->given()->text('password'), OpenSignIn::device($request));
        // this device stays signed in, and remembered if it was
        Auth::login($user, $request->cookies->has(Auth::guard('web')->getRecallerName()));
        $request->session()->regenerate();

        return $this->back(say('account.password_changed'));
    }

    public function beginSecondFactor(#[CurrentUser] User $user): RedirectResponse
    {
        $this->secondFactor->begin($user);

        return redirect()->to(route('account').'#second-factor');
    }

    public function confirmSecondFactor(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = Fields::of($request->validate(['code' => ['required', 'string', 'max:20']], ['code.*' => say('account.problems.code')]));
        $codes = $this->secondFactor->confirm($user, $given->text('code'))
            ?? throw ValidationException::withMessages(['code' => say('account.problems.code')]);

        return redirect()->route('account')->with('codes', $codes)->with('status', say('account.second_factor.is_on_now'));
    }

    public function removeSecondFactor(ConfirmedRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $this->secondFactor->remove($user);

        return $this->back(say('account.second_factor.is_off_now'));
    }

    public function endDevice(int $device, #[CurrentUser] User $user): RedirectResponse
    {
        $this->devices->end($user, $device);

        return $this->back(say('account.devices.ended'));
    }

    public function endOthers(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $this->devices->endOthers($user, OpenSignIn::device($request));

        return $this->back(say('account.devices.ended_others'));
    }

    private function back(string $status): RedirectResponse
    {
        return redirect()->route('account')->with('status', $status);
    }
}
