<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exposure\Exposure;

/** One level of a ladder: an exposure that fixes every dimension in play, and the criterion for leaving it. */
final readonly class Step
{
    public function __construct(public Exposure $exposure, public Criterion $criterion)
    {
    }
}
