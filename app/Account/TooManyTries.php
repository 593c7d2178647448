<?php

declare(strict_types=1);

namespace App\Account;

/** Too many wrong tries, for an account or from an address: even the right one has to wait. */
final class TooManyTries extends \RuntimeException
{
    public function __construct(public readonly int $seconds)
    {
        parent::__construct("Too many tries; wait {$seconds} seconds.");
    }
}
