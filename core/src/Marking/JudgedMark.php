<?php

declare(strict_types=1);

namespace Core\Marking;

/** A mark and what it fell on. */
final readonly class JudgedMark
{
    /**
     * @param  int  $at  milliseconds from the start, the device's delay taken off
     * @param  ?Episode  $meant  what was there to mark; null for a false one
     * @param  ?Act  $fellOn  what was going on; null for nothing
     * @param  ?int  $fromStart  milliseconds after its start; under 0 before it
     * @param  ?int  $fromEnd  milliseconds after its end; under 0 while it lasted
     * @param  ?int  $foodAfter  milliseconds from the mark to food; null where none came before the next mark
     * @param  bool  $isDouble  a second one right after another, that says nothing new
     */
    public function __construct(
        public int $at, public MarkClass $class, public ?Episode $meant, public ?Act $fellOn, public ?int $fromStart, public ?int $fromEnd,
        public ?int $foodAfter, public bool $isDouble,
    ) {
    }
}
