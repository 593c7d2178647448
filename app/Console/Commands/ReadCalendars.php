<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\CalendarFeed;
use App\Week\KeepCalendars;
use Illuminate\Console\Command;

final class ReadCalendars extends Command
{
    protected $signature = 'wheatear:read-calendars';

    protected $description = 'Reads busy times again from the addresses that people follow';

    public function handle(KeepCalendars $calendars): int
    {
        foreach (CalendarFeed::query()->with(['person', 'practice'])->where('address', '<>', '')->lazyById(50) as $feed) {
            $calendars->readAgain($feed);
        }

        return self::SUCCESS;
    }
}
