<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\Devices;
use App\Models\User;
use Illuminate\Http\Request;

/** Signs this device out, and it alone. */
final readonly class EndDevices
{
    public function __construct(private Devices $devices)
    {
    }

    public function endThis(Request $request): void
    {
        $user = $request->user();
        $device = OpenSignIn::device($request);
        if ($user instanceof User && $device !== null) {
            $this->devices->end($user, $device);
        }
        OpenSignIn::close($request);
    }
}
