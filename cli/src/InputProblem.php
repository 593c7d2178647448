<?php

declare(strict_types=1);

namespace Cli;

/** Something in the document is wrong; the pointer says where (RFC 6901). */
final class InputProblem extends \RuntimeException
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
