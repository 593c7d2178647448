<?php

declare(strict_types=1);

namespace Core\Exception;

/** A sign that the catalog does not know. */
final class InvalidSign extends \DomainException implements CoreException
{
    public static function unknown(string $code): self
    {
        return new self("There is no sign \"{$code}\" in the catalog.");
    }
}
