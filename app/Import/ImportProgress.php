<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Import;
use Illuminate\Contracts\Cache\Repository;

/** How many rows the worker has behind it: told beside the work, which is one transaction and shows nothing until it is done. */
final readonly class ImportProgress
{
    private const SECONDS = 3600;

    public function __construct(private Repository $cache)
    {
    }

    public function tell(Import $import, int $rows): void
    {
        $this->cache->put("import {$import->id}", $rows, self::SECONDS);
    }

    public function of(Import $import): int
    {
        $rows = $this->cache->get("import {$import->id}");

        return is_int($rows) ? $rows : 0;
    }
}
