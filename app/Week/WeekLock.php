<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Practice;
use App\Models\User;

/** Weeks of a practice change one after the other: two proposals at once would lay everything twice, two moves take the same hour. */
final readonly class WeekLock
{
    /** Until the end of the transaction that is open. */
    public static function hold(User $by): void
    {
        Practice::query()->whereKey($by->practice_id)->lockForUpdate()->firstOrFail();
    }
}
