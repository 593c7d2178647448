<?php

declare(strict_types=1);

namespace App\Assessment;

use Core\Sign\Band;

/** One row of an assessment as it was filled in. */
final readonly class Tried
{
    /**
     * @param  int  $row  of a ladder: the step, from 0
     * @param  ?float  $meters  where distances are tried
     * @param  ?bool  $cue  whether a well-known cue was done at the first asking
     * @param  ?string  $food  gently, hard or refused
     * @param  ?Band  $band  as seen; on a ladder "over" means that it has reacted there, told and not tried
     */
    public function __construct(public int $row, public ?float $meters, public ?bool $cue, public ?string $food, public ?Band $band)
    {
    }
}
