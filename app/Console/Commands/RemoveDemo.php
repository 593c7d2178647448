<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\RemoveDemo as Removal;
use Illuminate\Console\Command;

final class RemoveDemo extends Command
{
    protected $signature = 'wheatear:remove-demo';

    protected $description = 'Take out the demo practice, and nothing else';

    public function handle(Removal $demo): int
    {
        $this->info($demo->remove() ? 'The demo practice is gone.' : 'There is no demo practice here.');

        return self::SUCCESS;
    }
}
