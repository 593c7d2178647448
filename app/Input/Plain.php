<?php

declare(strict_types=1);

namespace App\Input;

/**
 * Values as the application itself sends them, seen at a glance. Each says yes only to what the rules take as well; what it does not know
 * is for the rules, which also say what is wrong.
 */
final class Plain
{
    public static function uuid(mixed $value): bool
    {
        return is_string($value) && preg_match('/^[\da-f]{8}-[\da-f]{4}-[\da-f]{4}-[\da-f]{4}-[\da-f]{12}$/D', $value) === 1;
    }

    public static function within(mixed $value, int $least, int $most): bool
    {
        return is_int($value) && $value >= $least && $value <= $most;
    }

    /** @param  array<string, mixed>  $keys  what is known, by its key */
    public static function keys(mixed $value, array $keys, int $most): bool
    {
        if (! is_array($value) || count($value) > $most) {
            return false;
        }
        foreach ($value as $key) {
            if (! is_string($key) || ! isset($keys[$key])) {
                return false;
            }
        }

        return true;
    }
}
