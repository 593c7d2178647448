<?php

declare(strict_types=1);

namespace Core\Fit;

/** One finding of a fit check, with the lengths it rests on. */
final readonly class Finding
{
    public Verdict $verdict;

    /** @param  array<string, float>  $centimeters  by name */
    public function __construct(public FitCode $code, public array $centimeters = [])
    {
        $this->verdict = $code->verdict();
    }
}
