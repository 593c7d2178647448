<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Week\RemindOfTomorrow;
use Illuminate\Console\Command;

final class Remind extends Command
{
    protected $signature = 'wheatear:remind';

    protected $description = 'Writes letters about the next day, once an evening';

    public function handle(RemindOfTomorrow $reminders): int
    {
        $this->info($reminders->remind().' letters written.');

        return self::SUCCESS;
    }
}
