<?php

declare(strict_types=1);

namespace Core\Field;

use Core\Exception\CoreException;
use Core\Exception\ErrorCode;
use Core\Exception\HasCode;

/** A map of a place that cannot be, with the field at fault. */
final class InvalidLayout extends \DomainException implements CoreException
{
    use HasCode;

    /** @param  array<string, bool|int|float|string|list<string>>  $facts */
    private function __construct(public readonly string $field, private readonly ErrorCode $errorCode, private readonly array $facts)
    {
        parent::__construct(self::plain($errorCode, $facts));
    }

    public static function at(string $field, ErrorCode $error, float ...$facts): self
    {
        $named = [];
        foreach ($facts as $name => $fact) {
            $named[(string) $name] = $fact;
        }

        return new self($field, $error, $named);
    }
}
