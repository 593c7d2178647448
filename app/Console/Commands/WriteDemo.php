<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\DemoPractice;
use App\Demo\SteppedClock;
use App\Models\Practice;
use Illuminate\Console\Command;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Writes the demo practice once: into an empty database, and never over anybody's data. */
final class WriteDemo extends Command
{
    protected $signature = 'wheatear:demo';

    protected $description = 'Write the demo practice, if the database holds no practice yet';

    public function handle(Application $app): int
    {
        if (Practice::query()->exists()) {
            $this->info('There is a practice already; nothing was written.');

            return self::SUCCESS;
        }
        $now = $app->make(ClockInterface::class)->now();
        // the history is written through the same code as real trials, by a clock set to when they happened
        $clock = new SteppedClock($now);
        $app->instance(ClockInterface::class, $clock);
        $app->instance(SteppedClock::class, $clock);
        DB::transaction(fn () => $app->make(DemoPractice::class)->write(
            $now, fn (string $what) => $this->line("Writing the demo's history: {$what}"),
        ));
        $this->info('The demo practice is written.');

        return self::SUCCESS;
    }
}
