<?php

declare(strict_types=1);

namespace Core\Fit;

/** One finding of a fit check, in a sentence with its numbers. */
final readonly class Finding
{
    public function __construct(public Verdict $verdict, public string $sentence)
    {
    }
}
