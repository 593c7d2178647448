<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\Devices;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;

/** Opens the sign-in of somebody who has shown who they are, on this device. */
final readonly class OpenSignIn
{
    public const DEVICE = 'device';

    public const COOKIE = 'wheatear_device';

    public function __construct(private Devices $devices)
    {
    }

    public function open(Request $request, User $user, bool $isRemembered): void
    {
        Auth::login($user, $isRemembered);
        $request->session()->regenerate();
        $this->register($request, $user, $isRemembered);
    }

    public function register(Request $request, User $user, bool $isRemembered): void
    {
        [$device, $secret] = $this->devices->register($user, (string) $request->userAgent(), (string) $request->ip(), $isRemembered);
        $request->session()->put(self::DEVICE, $device->id);
        if ($isRemembered) {
            Cookie::queue(Cookie::forever(self::COOKIE, "{$device->id}|{$secret}", httpOnly: true, sameSite: 'lax'));
        }
    }

    public static function device(Request $request): ?int
    {
        $device = $request->session()->get(self::DEVICE);

        return is_int($device) ? $device : null;
    }

    /** Signs this device out, and it alone. */
    public function signOut(Request $request): void
    {
        $user = $request->user();
        $device = self::device($request);
        if ($user instanceof User && $device !== null) {
            $this->devices->end($user, $device);
        }
        self::close($request);
    }

    /** Leaves other devices as they are. */
    public static function close(Request $request): void
    {
        Auth::guard('web')->logoutCurrentDevice();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }
}
