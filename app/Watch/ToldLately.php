<?php

declare(strict_types=1);

namespace App\Watch;

use App\Support\Fields;

/** Whether the same problem was logged a moment ago, by any worker: a database that is down for an hour is not told a thousand times. */
final readonly class ToldLately
{
    private const SECONDS = 10;

    public function __construct(private string $folder)
    {
    }

    /** Of problems with the database: what comes from the program itself is always told. */
    public function is(\Throwable $problem): bool
    {
        if (! $problem instanceof \PDOException) {
            return false;
        }
        $what = $problem::class.' '.$problem->getCode().' '.Fields::of($problem->errorInfo)->text('1');
        $mark = "{$this->folder}/told-".hash('xxh64', $what);
        $at = @filemtime($mark);
        if ($at !== false && time() - $at < self::SECONDS) {
            return true;
        }
        @touch($mark);
        clearstatcache(true, $mark);

        return false;
    }
}
