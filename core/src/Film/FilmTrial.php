<?php

declare(strict_types=1);

namespace Core\Film;

use Core\Sign\Band;

/** One trial as it was seen on a film. */
final readonly class FilmTrial
{
    /** @param  int  $from  milliseconds of the film; before $until */
    public function __construct(public int $from, public int $until, public Band $band)
    {
    }

    /** @return int milliseconds that both last */
    public function overlap(self $other): int
    {
        return max(0, min($this->until, $other->until) - max($this->from, $other->from));
    }

    /** The same trial as somebody else saw it: more than half of the shorter lies in the longer. */
    public function isSame(self $other): bool
    {
        return 2 * $this->overlap($other) > min($this->until - $this->from, $other->until - $other->from);
    }
}
