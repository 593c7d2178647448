<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Role;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** What an owner does with somebody's sign-in. A practice always keeps an owner who can sign in. */
final readonly class ManageSignIn
{
    public function __construct(private Connection $database, private ClockInterface $clock, private Trail $trail)
    {
    }

    /** @throws LastOwner */
    public function changeRole(User $by, User $user, Role $role): void
    {
        $this->database->transaction(function () use ($by, $user, $role): void {
            if ($user->role === $role) {
                return;
            }
            $this->refuseLastOwner($user);
            $this->trail->note($by, TrailAction::RoleChanged, $user, ['from' => $user->role->value, 'to' => $role->value]);
            $user->update(['role' => $role]);
        });
    }

    /**
     * The next tap on any of their devices signs them out; what those still hold waits there.
     *
     * @throws LastOwner
     */
    public function disable(User $by, User $user): void
    {
        $this->database->transaction(function () use ($by, $user): void {
            $this->refuseLastOwner($user);
            $user->setRememberToken(Str::random(60));
            $user->update(['disabled_at' => $this->clock->now()]);
            $this->trail->note($by, TrailAction::Disabled, $user);
        });
    }

    public function enable(User $by, User $user): void
    {
        $user->update(['disabled_at' => null]);
        $this->trail->note($by, TrailAction::Enabled, $user);
    }

    /** @throws LastOwner */
    private function refuseLastOwner(User $user): void
    {
        // all owners are locked, so that two of them cannot take each other out at once
        $owners = User::query()->where('practice_id', $user->practice_id)->where('role', Role::Owner)->whereNull('disabled_at')
            ->lockForUpdate()->pluck('id');
        if ($owners->all() === [$user->id]) {
            throw new LastOwner;
        }
    }
}
