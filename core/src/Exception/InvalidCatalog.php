<?php

declare(strict_types=1);

namespace Core\Exception;

/** A data file (dimensions, signs, priors) that contradicts itself or lacks a field. */
final class InvalidCatalog extends \DomainException implements CoreException
{
    public static function missing(string $where, string $field): self
    {
        return new self("{$where}: the field \"{$field}\" is missing or of the wrong type.");
    }

    public static function duplicate(string $where, string $key): self
    {
        return new self("{$where}: \"{$key}\" is listed twice.");
    }

    public static function contradiction(string $where, string $what): self
    {
        return new self("{$where}: {$what}");
    }
}
