<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Str;

/** What opens something for whoever holds it: told once, and kept as a hash only. */
final class Secret
{
    private const LETTERS = 40;

    public static function make(): string
    {
        return Str::random(self::LETTERS);
    }

    public static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
