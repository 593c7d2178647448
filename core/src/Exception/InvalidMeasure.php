<?php

declare(strict_types=1);

namespace Core\Exception;

/** A quantity outside the range in which it has a meaning. */
final class InvalidMeasure extends \DomainException implements CoreException
{
    use HasCode;

    /** Both ends and what was given in the unit of the quantity. */
    public static function outOfRange(Quantity $quantity, float $given, float $least, float $most): self
    {
        return new self(ErrorCode::OutOfRange, [
            'quantity' => $quantity->value, 'least' => $least, 'most' => $most, 'given' => $given, 'unit' => (string) $quantity->unit(),
        ]);
    }

    public static function notFinite(Quantity $quantity): self
    {
        return new self(ErrorCode::NotFinite, ['quantity' => $quantity->value]);
    }

    /** A gap that lies as far away as the path seen through it, or farther. */
    public static function gapBehindPath(float $depth, float $path): self
    {
        return new self(ErrorCode::GapBehindPath, ['depth' => $depth, 'path' => $path]);
    }
}
