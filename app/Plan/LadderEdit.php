<?php

declare(strict_types=1);

namespace App\Plan;

use Core\Ladder\Ladder;

/** A ladder after one edit, not stored yet. */
final readonly class LadderEdit
{
    /** @param  ?int  $open  index of the step whose details are open */
    public function __construct(public Ladder $ladder, public ?int $open, public string $said)
    {
    }
}
