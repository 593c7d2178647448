<?php

declare(strict_types=1);

namespace App\Engine\State;

use App\Support\Fields;

/** Good ones in a row, and how many the step asks for. */
final readonly class RunState
{
    public function __construct(public int $done, public int $asked)
    {
    }

    public static function read(Fields $kept): self
    {
        return new self($kept->int('done'), $kept->int('asked'));
    }
}
