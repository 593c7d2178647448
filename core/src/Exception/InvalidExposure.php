<?php

declare(strict_types=1);

namespace Core\Exception;

/** An exposure or a ladder that names what the catalog does not have, or leads the wrong way. */
final class InvalidExposure extends \DomainException implements CoreException
{
    public static function unknownDimension(string $key): self
    {
        return new self("There is no dimension \"{$key}\".");
    }

    public static function unknownValue(string $dimension, string $value): self
    {
        return new self("\"{$value}\" is not a value of the dimension \"{$dimension}\".");
    }

    public static function notANumber(string $dimension): self
    {
        return new self("The dimension \"{$dimension}\" is measured and takes a number.");
    }

    public static function goalNotHarder(): self
    {
        return new self('The goal must be nearer than the start.');
    }

    public static function emptyLadder(): self
    {
        return new self('A ladder has at least one step.');
    }

    /** @param  list<string>  $values */
    public static function notAnOrder(string $dimension, array $values): self
    {
        return new self("An order of {$dimension} names each of its values once, easiest first: ".implode(', ', $values).'.');
    }

    public static function empty(): self
    {
        return new self('An exposure must state at least one dimension.');
    }
}
