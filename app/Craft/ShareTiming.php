<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\User;

/** Whether owners see somebody's practice: that is whoever practices to say. */
final readonly class ShareTiming
{
    public function set(User $user, bool $shows): void
    {
        $user->forceFill(['shows_timing' => $shows])->save();
    }
}
