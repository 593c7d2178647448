<?php

declare(strict_types=1);

namespace Core\Coverage;

/** The combination to work on next, one thing away from one that is done. */
final readonly class NextCell
{
    /**
     * @param  array<string, string>  $values  by factor
     * @param  ?string  $changed  the factor in which it differs from what is done; null where nothing is done yet and this is furthest on
     * @param  ?string  $from  the value that is done
     */
    public function __construct(public array $values, public CellState $state, public ?string $changed, public ?string $from)
    {
    }
}
