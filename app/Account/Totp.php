<?php

declare(strict_types=1);

namespace App\Account;

/**
 * Time-based one-time passwords: RFC 6238 over HOTP of RFC 4226, with SHA-1, steps of 30 s from the Unix epoch, and six digits, as the
 * usual apps expect them. Secrets are Base32 (RFC 4648) without padding.
 */
final readonly class Totp
{
    public const PERIOD = 30;

    public const DIGITS = 6;

    /** Of RFC 4226, section 4: as long as the hash. */
    private const SECRET_BYTES = 20;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    public static function newSecret(): string
    {
        return self::base32(random_bytes(self::SECRET_BYTES));
    }

    public static function step(\DateTimeInterface $at): int
    {
        return intdiv($at->getTimestamp(), self::PERIOD);
    }

    /**
     * The code of a step: `Totp::code(Totp::base32('12345678901234567890'), 1, 8)` is "94287082" (RFC 6238, appendix B, 59 s).
     */
    public static function code(string $secret, int $step, int $digits = self::DIGITS): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), self::bytes($secret), true);
        $offset = ord($hash[19]) & 0x0F;
        $number = ((ord($hash[$offset]) & 0x7F) << 24) | (ord($hash[$offset + 1]) << 16) | (ord($hash[$offset + 2]) << 8)
            | ord($hash[$offset + 3]);

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * The step whose code this is: now, just before or just after, for clocks that differ; never one that was taken before.
     */
    public static function accepted(string $secret, string $code, \DateTimeInterface $at, ?int $newest): ?int
    {
        $now = self::step($at);
        foreach ([$now, $now - 1, $now + 1] as $step) {
            if (($newest === null || $step > $newest) && hash_equals(self::code($secret, $step), $code)) {
                return $step;
            }
        }

        return null;
    }

    /** What an app reads from a drawn code. */
    public static function address(string $secret, string $account): string
    {
        return 'otpauth://totp/Wheatear:'.rawurlencode($account).'?'.http_build_query(['secret' => $secret, 'issuer' => 'Wheatear']);
    }

    public static function base32(string $bytes): string
    {
        $bits = '';
        foreach (str_split($bytes) as $byte) {
            $bits .= str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT);
        }

        return implode('', array_map(
            static fn (string $five): string => self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))], str_split($bits, 5),
        ));
    }

    private static function bytes(string $secret): string
    {
        $bits = '';
        foreach (str_split($secret) as $letter) {
            $bits .= str_pad(decbin((int) strpos(self::ALPHABET, $letter)), 5, '0', STR_PAD_LEFT);
        }

        return implode('', array_map(
            static fn (string $eight): string => chr((int) bindec($eight)),
            array_filter(str_split($bits, 8), static fn (string $eight): bool => strlen($eight) === 8),
        ));
    }
}
