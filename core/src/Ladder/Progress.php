<?php

declare(strict_types=1);

namespace Core\Ladder;

/** How far the trials at a step have come toward its criterion. */
final readonly class Progress
{
    /**
     * @param  non-negative-int  $done  successes that count now
     * @param  positive-int  $asked
     * @param  ?positive-int  $window  null for in a row
     */
    public function __construct(public int $done, public int $asked, public ?int $window, public bool $isMet)
    {
    }
}
