<?php

declare(strict_types=1);

namespace Core\Exception;

/** A quantity outside the range in which it has a meaning. */
final class InvalidMeasure extends \DomainException implements CoreException
{
    public static function outOfRange(string $quantity, float $given, float $least, float $most, string $unit): self
    {
        return new self(sprintf('%s must be between %s and %s %s, not %s.', $quantity, self::plain($least), self::plain($most), $unit, self::plain($given)));
    }

    public static function notFinite(string $quantity): self
    {
        return new self($quantity.' must be a finite number.');
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.');
    }
}
