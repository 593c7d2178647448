<?php

declare(strict_types=1);

namespace App\Account;

use App\Mail\Post;
use App\Models\LinkKind;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Illuminate\Support\Str;

/** A new password: every other device of the account has to sign in again. */
final readonly class ChangePassword
{
    public function __construct(private OneTimeLinks $links, private Devices $devices, private Post $post, private Trail $trail)
    {
    }

    public function change(User $user, string $password, ?int $device): void
    {
        $this->keep($user, $password);
        $this->devices->endOthers($user, $device);
        $this->trail->note($user, TrailAction::PasswordChanged, $user);
    }

    /** Sends a link to whoever has this address; of one that has none, nothing is told. */
    public function forgotten(string $email): void
    {
        $user = User::query()->where('email', $email)->whereNull('disabled_at')->first();
        if ($user === null || mb_strtolower($user->email) !== mb_strtolower($email)) {
            return;
        }
        $facts = ['name' => $user->name, 'link' => $this->links->make(LinkKind::Password, $user->id)];
        $this->post->send(
            $user->practice_id, $user->email, say('account.mail.password_subject'), say('account.mail.password', $facts),
        );
    }

    public function holder(string $token): ?User
    {
        $link = $this->links->find(LinkKind::Password, $token);

        return $link === null ? null : User::query()->whereKey($link->subject_id)->whereNull('disabled_at')->first();
    }

    /** Null where the link was used in the meantime. The second factor is still asked. */
    public function reset(string $token, string $password): ?User
    {
        $link = $this->links->find(LinkKind::Password, $token);
        $user = $this->holder($token);
        if ($link === null || $user === null || ! $this->links->use($link)) {
            return null;
        }
        $this->keep($user, $password);
        $this->devices->endOthers($user, null);
        $this->trail->note($user, TrailAction::PasswordReset, $user);

        return $user;
    }

    private function keep(User $user, string $password): void
    {
        $user->setRememberToken(Str::random(60));
        $user->update(['password' => $password]);
    }
}
