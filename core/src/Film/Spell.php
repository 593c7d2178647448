<?php

declare(strict_types=1);

namespace Core\Film;

/** A part in one state, from start to end. */
final readonly class Spell
{
    /** @param  int  $from  milliseconds of the film; before $until */
    public function __construct(public string $state, public int $from, public int $until)
    {
    }

    /** @return int milliseconds of it that lie within others */
    public function within(int $from, int $until): int
    {
        return max(0, min($this->until, $until) - max($this->from, $from));
    }

    /** @return int milliseconds */
    public function length(): int
    {
        return $this->until - $this->from;
    }
}
