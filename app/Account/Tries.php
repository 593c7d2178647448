<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Cache\RateLimiter;

/**
 * Counts wrong tries: per account, by its number, so that no other spelling of an address counts anew; and per address on the network, so
 * that one guesser cannot try them all.
 */
final readonly class Tries
{
    public const AN_ACCOUNT = 5;

    public const AN_ADDRESS = 30;

    public const WAIT_SECONDS = 60;

    public function __construct(private RateLimiter $limiter)
    {
    }

    /**
     * What is tried, and counted before it is known to be wrong: many at once get no more than one after the other.
     *
     * @throws TooManyTries
     */
    public function begin(string $account, string $address): void
    {
        foreach (self::keys($account, $address) as $key => $most) {
            if ($this->limiter->tooManyAttempts($key, $most)) {
                throw new TooManyTries($this->limiter->availableIn($key));
            }
        }
        foreach (array_keys(self::keys($account, $address)) as $key) {
            $this->limiter->hit($key, self::WAIT_SECONDS);
        }
    }

    /** It was right: nothing is held against the account, and this one try not against the address. */
    public function succeeded(string $account, string $address): void
    {
        [$ofAccount, $ofAddress] = array_keys(self::keys($account, $address));
        $this->limiter->clear($ofAccount);
        $this->limiter->decrement($ofAddress);
    }

    /** @return array<string, int> most tries by key */
    private static function keys(string $account, string $address): array
    {
        return ["tries:account:{$account}" => self::AN_ACCOUNT, 'tries:address:'.hash('sha256', $address) => self::AN_ADDRESS];
    }
}
