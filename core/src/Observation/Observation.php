<?php

declare(strict_types=1);

namespace Core\Observation;

use Core\Sign\Band;

/** One thing that was seen, and when: event recording, with a duration where something lasted (common practice in the field). */
final readonly class Observation
{
    /**
     * @param  float  $at  seconds from the start of the session
     * @param  ?float  $seconds  how long it lasted, for a stare that was timed
     * @param  string  $what  at what, which stretch, which slip, which step; empty where nobody said
     * @param  string  $side  of a part of the body; empty for those in the middle
     */
    public function __construct(
        public Kind $kind, public float $at, public ?float $seconds = null, public string $what = '', public ?Band $band = null,
        public string $side = '',
    ) {
    }

    public function segment(): ?SegmentKind
    {
        return $this->kind === Kind::Segment ? SegmentKind::tryFrom($this->what) : null;
    }
}
