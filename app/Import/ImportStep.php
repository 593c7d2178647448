<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Import;
use App\Models\ImportState;

/** What the worker does with a file. */
interface ImportStep
{
    /** Where the file stands when it begins: one that comes twice finds it farther on. */
    public static function from(): ImportState;

    public function work(Import $import): void;
}
