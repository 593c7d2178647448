<?php

declare(strict_types=1);

namespace Core\Simulation;

/** What one way of going on came to. */
final readonly class Outlook
{
    /**
     * @param  list<int>  $solid  index of the hardest solid step after each session; −1 for none
     * @param  ?int  $arrived  sessions to the goal; null where it did not come that far
     * @param  int  $reactions  on the way
     */
    public function __construct(public array $solid, public ?int $arrived, public int $reactions)
    {
    }
}
