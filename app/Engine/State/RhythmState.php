<?php

declare(strict_types=1);

namespace App\Engine\State;

use App\Support\Fields;

/** When the latest repetitions were, in milliseconds since 1970, and how many offers were taken. */
final readonly class RhythmState
{
    /** @param  list<int>  $at */
    public function __construct(public array $at, public int $accepted, public int $declined)
    {
    }

    public static function read(Fields $kept): self
    {
        return new self(
            array_values(array_filter($kept->list('at'), is_int(...))), $kept->int('accepted'), $kept->int('declined'),
        );
    }
}
