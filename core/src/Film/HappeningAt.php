<?php

declare(strict_types=1);

namespace Core\Film;

final readonly class HappeningAt
{
    /** @param  int  $at  milliseconds of the film */
    public function __construct(public Happening $happening, public int $at)
    {
    }
}
