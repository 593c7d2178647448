<?php

declare(strict_types=1);

namespace App\Input;

/** Traits of a trigger as they are typed: one a line, "size: large". */
final readonly class TypedTraits
{
    private const MAX = 20;

    /** @return array<string, string> values by name */
    public static function read(string $text): array
    {
        $traits = [];
        foreach (preg_split('/\R/', $text) ?: [] as $line) {
            [$name, $value] = [...array_map(trim(...), explode(':', $line, 2)), ''];
            if ($name !== '') {
                $traits[mb_substr($name, 0, 60)] = mb_substr($value, 0, 120);
            }
        }

        return array_slice($traits, 0, self::MAX);
    }
}
