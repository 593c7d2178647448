<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Import;
use App\Models\ImportState;
use Illuminate\Contracts\Bus\Dispatcher;

/** What somebody decides about a file that was looked through. */
final readonly class SettleImport
{
    public function __construct(private Dispatcher $jobs)
    {
    }

    /** @param  bool  $isAll  only where there is nothing wrong with any row */
    public function run(Import $import, bool $isAll): bool
    {
        if ($isAll && ($import->counts['bad'] ?? 0) > 0) {
            return false;
        }

        return $this->begin($import, ImportState::Checked, ImportState::Importing, RunImport::class);
    }

    public function undo(Import $import): bool
    {
        return $this->begin($import, ImportState::Imported, ImportState::Undoing, UndoImport::class);
    }

    /** @param  class-string<ImportStep>  $step */
    private function begin(Import $import, ImportState $from, ImportState $to, string $step): bool
    {
        // two taps are one: only the first finds it where it was
        $isFirst = Import::query()->whereKey($import->id)->where('state', $from)->update(['state' => $to]) === 1;
        if ($isFirst) {
            $this->jobs->dispatch(new WorkOnImport($import->id, $step));
        }

        return $isFirst;
    }
}
