<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Person;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;

/** Somebody's own name and address. */
final readonly class ChangeProfile
{
    public function __construct(private Trail $trail)
    {
    }

    public function change(User $user, string $name, string $email): void
    {
        $user->update(['name' => $name, 'email' => $email]);
        // who handles is called as who signs in
        Person::query()->where('user_id', $user->id)->update(['name' => $name]);
        if ($user->wasChanged()) {
            $this->trail->note($user, TrailAction::Changed, $user);
        }
    }
}
