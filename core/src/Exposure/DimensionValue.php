<?php

declare(strict_types=1);

namespace Core\Exposure;

/** One choice of an ordered dimension; its score runs from 0 (easiest) to 1 (hardest). */
final readonly class DimensionValue
{
    public function __construct(public string $key, public string $label, public float $score)
    {
    }
}
