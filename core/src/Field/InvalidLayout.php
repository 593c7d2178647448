<?php

declare(strict_types=1);

namespace Core\Field;

use Core\Exception\CoreException;

/** A sketch of a place that cannot be, with the field at fault. */
final class InvalidLayout extends \DomainException implements CoreException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function at(string $field, string $message): self
    {
        return new self($field, $message);
    }
}
