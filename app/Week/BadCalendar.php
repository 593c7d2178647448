<?php

declare(strict_types=1);

namespace App\Week;

/** A calendar that cannot be read. */
final class BadCalendar extends \RuntimeException
{
    /** @param  string  $problem  what is wrong: too_big, unreadable, too_many, unreachable or not_allowed */
    public function __construct(public readonly string $problem)
    {
        parent::__construct("The calendar cannot be read: {$problem}.");
    }
}
