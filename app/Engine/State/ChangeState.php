<?php

declare(strict_types=1);

namespace App\Engine\State;

use App\Support\Fields;

/** One thing that could be otherwise instead. */
final readonly class ChangeState
{
    /** @param  int  $helped  times that it went easier with this dog */
    public function __construct(public string $aim, public string $dimension, public string $choice, public int $helped)
    {
    }

    public static function read(Fields $kept): self
    {
        return new self($kept->text('aim'), $kept->text('dimension'), $kept->text('choice'), $kept->int('helped'));
    }
}
