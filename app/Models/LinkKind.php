<?php

declare(strict_types=1);

namespace App\Models;

/** What a one-time link opens. */
enum LinkKind: string
{
    /** A practice of its own, with its first owner. */
    case SetUp = 'set_up';
    case Invitation = 'invitation';
    /** A new password for one that was forgotten. */
    case Password = 'password';

    public function hours(): int
    {
        return match ($this) {
            self::SetUp => 24,
            self::Invitation => 24 * 7,
            self::Password => 1,
        };
    }
}
