<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// by the clock of the machine; backups have a timer of their own (bin/install), since only root may read the whole database
Schedule::command('wheatear:forget-ended')->dailyAt('02:40')->withoutOverlapping();
Schedule::command('wheatear:forget-imports')->dailyAt('02:45')->withoutOverlapping();
Schedule::command('wheatear:read-calendars')->hourlyAt(20)->withoutOverlapping();
Schedule::command('wheatear:remind')->everyFifteenMinutes()->withoutOverlapping();
Schedule::command('queue:prune-failed --hours=720')->dailyAt('02:50');
