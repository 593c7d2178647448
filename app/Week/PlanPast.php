<?php

declare(strict_types=1);

namespace App\Week;

/** What the past of a plan means for a week. */
final readonly class PlanPast
{
    /**
     * @param  ?int  $daysSince  days from the last session to the first day that can be planned; null if there was none
     * @param  ?int  $lastDay  of the last session, counted from the Monday of the week
     * @param  int  $freeOn  first day of the week on which the dog may work again, 0 to 7
     * @param  list<int>  $newPlaces  where the dog has never been
     */
    public function __construct(public ?int $daysSince, public ?int $lastDay, public int $freeOn, public array $newPlaces)
    {
    }
}
