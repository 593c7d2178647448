<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\ForgetEnded as Forgetting;
use Illuminate\Console\Command;

final class ForgetEnded extends Command
{
    protected $signature = 'wheatear:forget-ended';

    protected $description = 'Take out devices that are signed out and links that are used up, after ninety days';

    public function handle(Forgetting $ended): int
    {
        $this->info($ended->forget().' taken out.');

        return self::SUCCESS;
    }
}
