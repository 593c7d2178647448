<?php

declare(strict_types=1);

namespace App\Support;

/** A UUID of the layout of RFC 9562 from bytes that are given: random ones (version 4), or a hash of what it names (version 8). */
final class UuidOfBytes
{
    /** @param  string  $bytes  sixteen at least */
    public static function version(int $version, string $bytes): string
    {
        $hex = bin2hex($bytes);

        return sprintf(
            '%s-%s-%d%s-a%s-%s', substr($hex, 0, 8), substr($hex, 8, 4), $version, substr($hex, 13, 3), substr($hex, 17, 3),
            substr($hex, 20, 12),
        );
    }
}
