<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Import;
use App\Models\ImportRow;
use App\Models\ImportState;
use Illuminate\Contracts\Filesystem\Filesystem;
use Psr\Clock\ClockInterface;

/** A file that is imported or undone has done its work: it goes after a month, with the rows that had a problem. */
final readonly class ForgetFiles
{
    public const DAYS = 30;

    public function __construct(private Filesystem $files, private ClockInterface $clock)
    {
    }

    /** @return int files taken out */
    public function forget(): int
    {
        $forgotten = 0;
        foreach (Import::query()->whereIn('state', [ImportState::Imported, ImportState::Undone])
            ->where('updated_at', '<', $this->clock->now()->modify('-'.self::DAYS.' days'))->lazyById(100) as $import) {
            ImportRow::query()->where('import_id', $import->id)->delete();
            $forgotten += $this->files->exists(TakeFile::path($import->file)) && $this->files->delete(TakeFile::path($import->file))
                ? 1 : 0;
        }

        return $forgotten;
    }
}
