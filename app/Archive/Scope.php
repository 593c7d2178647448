<?php

declare(strict_types=1);

namespace App\Archive;

use Illuminate\Database\Query\Builder;

/** What an archive is of: which tables, and which of their rows. */
interface Scope
{
    /** @return array<string, ArchivedTable> by name, in the order they are written and read in */
    public function tables(): array;

    /** Rows of one of its tables. */
    public function rows(ArchivedTable $table): Builder;
}
