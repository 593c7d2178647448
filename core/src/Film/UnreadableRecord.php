<?php

declare(strict_types=1);

namespace Core\Film;

final class UnreadableRecord extends \DomainException
{
    /** @param  int  $row  which row of its kind, or which line of a text; from 1, 0 for the whole */
    public function __construct(public readonly RecordProblem $problem, public readonly int $row, public readonly string $given = '')
    {
        parent::__construct("{$problem->value} {$row} {$given}");
    }
}
