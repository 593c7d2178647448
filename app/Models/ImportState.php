<?php

declare(strict_types=1);

namespace App\Models;

/** How far a file has come. */
enum ImportState: string
{
    case Matching = 'matching';
    case Checking = 'checking';
    case Checked = 'checked';
    case Importing = 'importing';
    case Imported = 'imported';
    case Undoing = 'undoing';
    case Undone = 'undone';
    case Failed = 'failed';

    /** Whether the worker has it. */
    public function isBusy(): bool
    {
        return in_array($this, [self::Checking, self::Importing, self::Undoing], true);
    }
}
