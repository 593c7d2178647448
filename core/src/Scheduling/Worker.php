<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** Who handles dogs or helps. */
final readonly class Worker
{
    /** @param  non-empty-list<int>  $free  slots of each of the seven days: at work, and nothing else to do */
    public function __construct(public int $id, public array $free, public bool $helps = false)
    {
    }
}
