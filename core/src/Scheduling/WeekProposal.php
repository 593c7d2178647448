<?php

declare(strict_types=1);

namespace Core\Scheduling;

final readonly class WeekProposal
{
    /**
     * @param  list<Visit>  $visits  pinned ones with them, by day and slot
     * @param  list<Unmet>  $unmet
     */
    public function __construct(public array $visits, public array $unmet, public Worth $worth)
    {
    }
}
