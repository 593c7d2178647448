<?php

declare(strict_types=1);

namespace Core\Film;

/** A part is in a state from a moment on, until it is said to be in another. */
final readonly class StateFrom
{
    /** @param  int  $at  milliseconds of the film */
    public function __construct(public Part $part, public string $state, public int $at)
    {
    }
}
