<?php

declare(strict_types=1);

namespace Core\Exception;

/** A data file (dimensions, signs, methods, priors) that contradicts itself or lacks a field. */
final class InvalidCatalog extends \DomainException implements CoreException
{
    use HasCode;

    public static function missing(string $where, string $field): self
    {
        return new self(ErrorCode::CatalogField, ['where' => $where, 'field' => $field]);
    }

    public static function duplicate(string $where, string $key): self
    {
        return new self(ErrorCode::CatalogDuplicate, ['where' => $where, 'key' => $key]);
    }

    /** @param  string  $what  a short key: "usual-not-listed" */
    public static function contradiction(string $where, string $what): self
    {
        return new self(ErrorCode::CatalogContradiction, ['where' => $where, 'what' => $what]);
    }
}
