<?php

declare(strict_types=1);

namespace Core\Observation;

use Core\Decision\LoggedTrial;
use Core\Sign\Band;

/** One thing that was seen, and when: event recording, with a duration where something lasted (common practice in the field). */
final readonly class Observation
{
    /**
     * @param  float  $at  seconds from the start of the session
     * @param  ?float  $seconds  how long it lasted, for a stare that was timed
     * @param  string  $what  at what, which stretch, which slip, which step; empty where nobody said
     * @param  string  $side  of a part of the body; empty for those in the middle
     * @param  list<string>  $signs  codes of what was seen of the dog at a part of the body
     * @param  array<string, string>  $setup  how the part was touched: choice by dimension of the catalog of contact work
     * @param  bool  $isFoodGone  the food was gone, so that a look at the hand asks for more and is no doubt
     */
    public function __construct(
        public Kind $kind, public float $at, public ?float $seconds = null, public string $what = '', public ?Band $band = null,
        public string $side = '', public array $signs = [], public array $setup = [], public bool $isFoodGone = false,
    ) {
    }

    /** Hands come off: it struggled, or showed what no easy touch has, whatever the grade. */
    public function isAlarming(): bool
    {
        return $this->kind === Kind::Part && ($this->band?->atLeast(Band::Strain) === true
            || array_intersect(array_column(LoggedTrial::ALARM, 'value'), $this->signs) !== []);
    }

    public function segment(): ?SegmentKind
    {
        return $this->kind === Kind::Segment ? SegmentKind::tryFrom($this->what) : null;
    }
}
