<?php

declare(strict_types=1);

namespace App\Engine\State;

use App\Support\Fields;

/** How likely a trial is to take strain, or to end in a reaction. */
final readonly class RiskState
{
    public function __construct(public RangeState $strain, public RangeState $reaction)
    {
    }

    public static function read(Fields $kept): self
    {
        return new self(RangeState::read($kept->below('strain')), RangeState::read($kept->below('reaction')));
    }
}
