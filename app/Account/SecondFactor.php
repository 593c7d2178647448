<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Psr\Clock\ClockInterface;

/** A code from a device that only this user has, asked after the password; ten recovery codes for when it is lost. */
final readonly class SecondFactor
{
    public const RECOVERY_CODES = 10;

    public function __construct(private ClockInterface $clock, private Trail $trail)
    {
    }

    /** A secret to confirm; one that is confirmed already stays. */
    public function begin(User $user): void
    {
        if (! $user->hasSecondFactor()) {
            $user->update(['totp_secret' => Totp::newSecret()]);
        }
    }

    /** @return ?list<string> the recovery codes, told this once; null where the code is wrong or nothing was begun */
    public function confirm(User $user, string $code): ?array
    {
        if ($user->hasSecondFactor() || ! $this->isCode($user, $code)) {
            return null;
        }
        $codes = array_map(
            static fn (): string => implode('-', str_split(strtolower(Totp::base32(random_bytes(5))), 4)), range(1, self::RECOVERY_CODES),
        );
        $user->update(['totp_since' => $this->clock->now(), 'recovery_codes' => array_map(self::hashed(...), $codes)]);
        $this->trail->note($user, TrailAction::SecondFactorOn, $user);

        return $codes;
    }

    public function remove(User $user): void
    {
        $user->update(['totp_secret' => null, 'totp_since' => null, 'totp_step' => null, 'recovery_codes' => null]);
        $this->trail->note($user, TrailAction::SecondFactorOff, $user);
    }

    /** Whether this opens: a code of now, or a recovery code, each once. */
    public function opens(User $user, string $typed): bool
    {
        if ($this->isCode($user, $typed)) {
            return true;
        }
        $hash = self::hashed($typed);
        $left = $user->recovery_codes ?? [];
        if (! in_array($hash, $left, true)) {
            return false;
        }
        $user->update(['recovery_codes' => array_values(array_diff($left, [$hash]))]);
        $this->trail->note($user, TrailAction::RecoveryCodeUsed, $user);

        return true;
    }

    private function isCode(User $user, string $typed): bool
    {
        $code = (string) preg_replace('/\s+/', '', $typed);
        $step = $user->totp_secret === null ? null : Totp::accepted($user->totp_secret, $code, $this->clock->now(), $user->totp_step);
        if ($step === null) {
            return false;
        }

        // of two that come at once with one code, the database takes one
        return User::query()->whereKey($user->id)
            ->where(static fn ($query) => $query->whereNull('totp_step')->orWhere('totp_step', '<', $step))
            ->update(['totp_step' => $step]) === 1;
    }

    /** Forty random bits, asked under a throttle, need no slow hash. */
    private static function hashed(string $code): string
    {
        return hash('sha256', strtolower((string) preg_replace('/[^A-Za-z0-9]/', '', $code)));
    }
}
