<?php

declare(strict_types=1);

namespace Cli;

use Core\Exception\CoreException;
use Core\Exception\InvalidLadder;

/** Something in the document is wrong; the pointer says where (RFC 6901). */
final class InputProblem extends \RuntimeException
{
    private function __construct(public readonly string $pointer, string $message, public readonly ?CoreException $cause = null)
    {
        parent::__construct($message, previous: $cause);
    }

    /** What the core refused: said in words where the answer is written. */
    public static function because(string $pointer, CoreException $cause): self
    {
        return new self($pointer.($cause instanceof InvalidLadder ? $cause->pointer : ''), $cause->getMessage(), $cause);
    }

    public static function at(string $pointer, string $message): self
    {
        return new self($pointer, $message);
    }
}
