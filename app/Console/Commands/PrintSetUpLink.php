<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\OneTimeLinks;
use App\Models\LinkKind;
use App\Models\Practice;
use Illuminate\Console\Command;

/** Prints the address at which a practice and its first owner are made; one printed before ends. */
final class PrintSetUpLink extends Command
{
    protected $signature = 'wheatear:set-up-link {--if-none : only while there is no practice but the demo}';

    protected $description = 'Print a link, good for a day and once, that makes a practice and its owner';

    public function handle(OneTimeLinks $links): int
    {
        if ($this->option('if-none') !== true || Practice::query()->where('is_demo', false)->doesntExist()) {
            $this->line($links->make(LinkKind::SetUp));
        }

        return self::SUCCESS;
    }
}
