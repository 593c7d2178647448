<?php

declare(strict_types=1);

namespace App\Photo;

/** What was given is no picture we take. */
final class InvalidPhoto extends \RuntimeException
{
    public function __construct(public readonly PhotoProblem $problem)
    {
        parent::__construct($problem->value);
    }
}
