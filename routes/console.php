<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Schedule;

// of several servers that share the work, one does it
Schedule::useCache(Config::string('cache.limiter'));
// by the clock of the machine; backups have a timer of their own (bin/install), since only root may read the whole database
Schedule::command('wheatear:forget-ended')->dailyAt('02:40')->withoutOverlapping()->onOneServer();
Schedule::command('wheatear:forget-imports')->dailyAt('02:45')->withoutOverlapping()->onOneServer();
// of this server's own folder: each does its own
Schedule::command('wheatear:tidy-cache')->dailyAt('02:55');
Schedule::command('wheatear:read-calendars')->hourlyAt(20)->withoutOverlapping()->onOneServer();
Schedule::command('wheatear:remind')->everyFifteenMinutes()->withoutOverlapping()->onOneServer();
Schedule::command('queue:prune-failed --hours=720')->dailyAt('02:50');
