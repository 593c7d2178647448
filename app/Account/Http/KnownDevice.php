<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\Devices;
use App\Models\User;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Only on devices that were not ended, and for sign-ins that are not off: asked with every request, so that the next tap is the last. */
final readonly class KnownDevice
{
    public function __construct(private Devices $devices, private OpenSignIn $signIns)
    {
    }

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && ! $this->goesOn($request, $user)) {
            OpenSignIn::close($request);
            $request->session()->flash('status', say('account.signed_out_from_elsewhere'));
            throw new AuthenticationException(redirectTo: route('sign-in'));
        }

        return $next($request);
    }

    private function goesOn(Request $request, User $user): bool
    {
        if ($user->disabled_at !== null) {
            return false;
        }
        $device = OpenSignIn::device($request);
        if ($device !== null) {
            return $this->devices->goesOn($user, $device, null);
        }
        if (Auth::viaRemember()) {
            $cookie = $request->cookie(OpenSignIn::COOKIE);
            [$device, $secret] = [...explode('|', is_string($cookie) ? $cookie : ''), ''];
            if (! $this->devices->goesOn($user, (int) $device, $secret)) {
                return false;
            }
            $request->session()->put(OpenSignIn::DEVICE, (int) $device);

            return true;
        }
        // a sign-in from before devices were kept
        $this->signIns->register($request, $user, false);

        return true;
    }
}
