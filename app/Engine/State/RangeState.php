<?php

declare(strict_types=1);

namespace App\Engine\State;

use App\Support\Fields;

/** A probability: its mean, the bound that is judged by, and the cap. */
final readonly class RangeState
{
    public function __construct(public float $mean, public float $bound, public float $limit)
    {
    }

    public static function read(Fields $kept): self
    {
        return new self($kept->number('mean'), $kept->number('bound'), $kept->number('limit'));
    }
}
