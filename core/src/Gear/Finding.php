<?php

declare(strict_types=1);

namespace Core\Gear;

/** One finding of a fit check, with the lengths it rests on. */
final readonly class Finding
{
    public Verdict $verdict;

    /** @param  array<string, float>  $centimeters  by name */
    public function __construct(public GearCode $code, public array $centimeters = [])
    {
        $this->verdict = $code->verdict();
    }
}
