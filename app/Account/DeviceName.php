<?php

declare(strict_types=1);

namespace App\Account;

/** What a browser says it is, short enough to know one's own phone by. */
final readonly class DeviceName
{
    /** The first that is named wins: most name those they descend from, too. */
    private const BROWSERS = ['Firefox', 'Edg', 'OPR', 'SamsungBrowser', 'Chrome', 'Safari'];

    private const SYSTEMS = ['iPhone', 'iPad', 'Android', 'Windows', 'Macintosh', 'CrOS', 'Linux'];

    private const KNOWN_AS = [
        'Edg' => 'Edge', 'OPR' => 'Opera', 'SamsungBrowser' => 'Samsung', 'Macintosh' => 'Mac', 'CrOS' => 'Chromebook',
    ];

    public static function of(string $userAgent): string
    {
        $parts = array_filter([self::first(self::BROWSERS, $userAgent), self::first(self::SYSTEMS, $userAgent)]);

        return $parts === [] ? '?' : implode(', ', $parts);
    }

    /** @param  list<string>  $names */
    private static function first(array $names, string $userAgent): ?string
    {
        foreach ($names as $name) {
            if (str_contains($userAgent, $name)) {
                return self::KNOWN_AS[$name] ?? $name;
            }
        }

        return null;
    }
}
