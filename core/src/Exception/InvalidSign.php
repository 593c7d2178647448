<?php

declare(strict_types=1);

namespace Core\Exception;

/** A sign that the catalog does not know. */
final class InvalidSign extends \DomainException implements CoreException
{
    use HasCode;

    public static function unknown(string $code): self
    {
        return new self(ErrorCode::UnknownSign, ['sign' => $code]);
    }
}
