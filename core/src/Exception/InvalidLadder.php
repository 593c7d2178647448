<?php

declare(strict_types=1);

namespace Core\Exception;

/** A ladder or template that cannot be used, with a JSON pointer to the part at fault. */
final class InvalidLadder extends \DomainException implements CoreException
{
    private function __construct(public readonly string $pointer, string $message)
    {
        parent::__construct($message);
    }

    public static function at(string $pointer, string $message): self
    {
        return new self($pointer, $message);
    }
}
