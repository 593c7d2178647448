<?php

declare(strict_types=1);

namespace App\Account;

/** A practice must keep an owner who can sign in. */
final class LastOwner extends \RuntimeException
{
}
