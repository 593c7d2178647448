<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Import;

/** Writes the rows of one kind. */
interface RowWriter
{
    /** @param  \Closure(int): void  $tell  how many rows are written */
    public function write(Import $import, \Closure $tell): int;
}
