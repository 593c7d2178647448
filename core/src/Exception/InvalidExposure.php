<?php

declare(strict_types=1);

namespace Core\Exception;

/** An exposure or a ladder that names what the catalog does not have, or leads the wrong way. */
final class InvalidExposure extends \DomainException implements CoreException
{
    use HasCode;

    public static function unknownDimension(string $key): self
    {
        return new self(ErrorCode::UnknownDimension, ['dimension' => $key]);
    }

    public static function unknownValue(string $dimension, string $value): self
    {
        return new self(ErrorCode::UnknownValue, ['dimension' => $dimension, 'value' => $value]);
    }

    public static function notANumber(string $dimension): self
    {
        return new self(ErrorCode::NotANumber, ['dimension' => $dimension]);
    }

    public static function goalNotHarder(): self
    {
        return new self(ErrorCode::GoalNotHarder);
    }

    public static function emptyLadder(): self
    {
        return new self(ErrorCode::EmptyLadder);
    }

    /** @param  list<string>  $values */
    public static function notAnOrder(string $dimension, array $values): self
    {
        return new self(ErrorCode::NotAnOrder, ['dimension' => $dimension, 'values' => $values]);
    }

    public static function empty(): self
    {
        return new self(ErrorCode::EmptyExposure);
    }
}
