<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\Finder\Finder;

/** What is kept under a hash of what it was made of is never written over: once it has run out it is taken away, on each server its own. */
final class TidyCache extends Command
{
    /** Longer than anything is kept. */
    private const DAYS = 2;

    protected $signature = 'wheatear:tidy-cache';

    protected $description = 'Take away what was kept and has run out';

    public function handle(Connection $database, ClockInterface $clock): int
    {
        $folder = config('cache.stores.file.path');
        $gone = 0;
        if (is_string($folder) && is_dir($folder)) {
            $old = $clock->now()->modify('-'.self::DAYS.' days')->format('c');
            foreach (Finder::create()->files()->in($folder)->date("< {$old}") as $file) {
                $gone += (int) @unlink($file->getPathname());
            }
        }
        $gone += $database->table('cache_entries')->where('expiration', '<', $clock->now()->getTimestamp())->delete();
        $this->info("{$gone} taken away.");

        return self::SUCCESS;
    }
}
