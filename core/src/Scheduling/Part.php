<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** @internal visits that are taken out together, and how what then has room is laid */
final readonly class Part
{
    /**
     * @param  list<Visit>  $visits
     * @param  ?Demand  $first  laid before anything else; null for the order of need
     * @param  ?int  $day  on this day
     * @param  bool  $isLateFirst  late in the week rather than early
     */
    public function __construct(
        public array $visits, public ?Demand $first = null, public ?int $day = null, public bool $isLateFirst = false,
    ) {
    }
}
