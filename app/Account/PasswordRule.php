<?php

declare(strict_types=1);

namespace App\Account;

/**
 * What a password must be: long, and not one of those that are tried first. No rule asks for signs or capitals: length is what helps (as
 * NIST SP 800-63B, section 5.1.1.2, has it).
 */
final readonly class PasswordRule
{
    public const LEAST = 12;

    public const MOST = 200;

    /** As they are typed in place of letters. */
    private const LOOKALIKES = ['0' => 'o', '1' => 'i', '3' => 'e', '4' => 'a', '5' => 's', '7' => 't', '@' => 'a', '$' => 's', '!' => 'i'];

    /** What is put behind a word. */
    private const AROUND = '0123456789!?.,-_#*+ ';

    private const ROWS = [
        'abcdefghijklmnopqrstuvwxyz', 'qwertyuiopasdfghjklzxcvbnm', '1234567890', '1q2w3e4r5t6y7u8i9o0p', 'qazwsxedcrfvtgbyhnujmikolp',
    ];

    /** @param  list<string>  $own  names and addresses of the user and the practice */
    public static function isCommon(string $password, array $own = []): bool
    {
        $plain = mb_strtolower($password);
        if (count(array_unique(mb_str_split($plain))) < 5 || self::isARow($plain)) {
            return true;
        }
        foreach ([self::core($plain), self::core(strtr(rtrim($plain, self::AROUND), self::LOOKALIKES))] as $core) {
            $words = [...self::common(), ...array_map(self::letters(...), $own)];
            if (in_array($core, $words, true) || in_array(self::once($core), $words, true)) {
                return true;
            }
        }

        return false;
    }

    /** Without the digits and signs that are put around a word. */
    private static function core(string $password): string
    {
        return self::letters((string) preg_replace('/^[^a-z]+|[^a-z]+$/', '', $password));
    }

    private static function letters(string $text): string
    {
        return (string) preg_replace('/[^a-z]/', '', mb_strtolower($text));
    }

    /** What is repeated, once: "dogdogdogdog" is "dog". */
    private static function once(string $core): string
    {
        return preg_match('/^(.+?)\1+$/', $core, $found) === 1 ? $found[1] : $core;
    }

    /** Keys or letters next to each other, or digits alone. */
    private static function isARow(string $password): bool
    {
        if (ctype_digit($password)) {
            return true;
        }
        foreach (self::ROWS as $row) {
            if (str_contains($row.$row, $password) || str_contains(strrev($row.$row), $password)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> words that are tried first, without what is put around them */
    private static function common(): array
    {
        /** @var list<string> $words */
        $words = require __DIR__.'/common-passwords.php';

        return $words;
    }
}
