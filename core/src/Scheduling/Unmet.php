<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** A wish that no place was found for, and what stood in the way. */
final readonly class Unmet
{
    /**
     * @param  int  $missing  sessions, at least 1
     * @param  Rule  $rule  the one that, taken away alone, would leave most places; where none would, the one that forbids most
     * @param  ?Visit  $otherwise  the first visit that only this rule forbids
     */
    public function __construct(public int $demand, public int $missing, public Rule $rule, public ?Visit $otherwise)
    {
    }
}
