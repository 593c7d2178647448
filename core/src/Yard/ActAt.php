<?php

declare(strict_types=1);

namespace Core\Yard;

/** An act, in milliseconds from the start of the run. */
final readonly class ActAt
{
    public function __construct(public Act $act, public int $at)
    {
    }
}
