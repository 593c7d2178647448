<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Contracts\Hashing\Hasher;

/** Whether somebody may come in: in the same time and words for an account that is there and one that is not. */
final readonly class SignIn
{
    public function __construct(private Tries $tries, private Hasher $hasher, private SecondFactor $secondFactor)
    {
    }

    /**
     * @param  string  $address  on the network
     * @return ?User null where address, password or account are not right
     *
     * @throws TooManyTries
     */
    public function byPassword(string $email, string $password, string $address): ?User
    {
        // the database takes accents for the letters below them: what it finds is counted by its number
        $found = User::query()->where('email', $email)->first();
        $account = $found === null ? 'unknown-'.hash('sha256', mb_strtolower($email)) : (string) $found->id;
        $this->tries->begin($account, $address);
        $isRight = $found === null ? $this->asLong($password) : $this->hasher->check($password, $found->password);
        if ($found === null || ! $isRight || $found->disabled_at !== null || mb_strtolower($found->email) !== mb_strtolower($email)) {
            return null;
        }
        $this->tries->succeeded($account, $address);

        return $found;
    }

    /** @throws TooManyTries */
    public function byCode(User $user, string $code, string $address): bool
    {
        $this->tries->begin("code-{$user->id}", $address);
        if (! $this->secondFactor->opens($user, $code)) {
            return false;
        }
        $this->tries->succeeded("code-{$user->id}", $address);

        return true;
    }

    /** @throws TooManyTries  for whoever is signed in and changes what keeps others out */
    public function confirms(User $user, string $password, string $address): bool
    {
        $this->tries->begin((string) $user->id, $address);
        if (! $this->hasher->check($password, $user->password)) {
            return false;
        }
        $this->tries->succeeded((string) $user->id, $address);

        return true;
    }

    /** Hashing takes as long as checking. */
    private function asLong(string $password): false
    {
        $this->hasher->make($password);

        return false;
    }
}
