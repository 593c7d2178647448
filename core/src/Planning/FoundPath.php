<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Exposure\Exposure;

/** A ladder that was found: from what is fine now to the goal. */
final readonly class FoundPath
{
    /**
     * @param  non-empty-list<Exposure>  $exposures  the start and the goal with them
     * @param  float  $squares  Σ Δη², in logits squared
     * @param  int  $changes  of the dimension that moves
     * @param  int  $states  that were looked through
     */
    public function __construct(public array $exposures, public float $squares, public int $changes, public int $states)
    {
    }
}
