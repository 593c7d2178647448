<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Import;
use App\Models\ImportState;
use App\Table\UnreadableTable;
use App\Words\SpokenTo;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Queue\ShouldQueue;

/** One step of one file, done by the worker in the words and units of whoever brought it. */
final class WorkOnImport implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 230;

    /** @param  class-string<ImportStep>  $step */
    public function __construct(private readonly int $importId, private readonly string $step)
    {
    }

    public function handle(Container $container, SpokenTo $spoken): void
    {
        $import = Import::query()->with(['practice', 'user'])->find($this->importId);
        if ($import === null || $import->state !== $this->step::from()) {
            return;
        }
        try {
            $spoken->reader($import->user->reader(), function () use ($container, $import): void {
                $step = $container->make($this->step);
                if ($step instanceof ImportStep) {
                    $step->work($import);
                }
            });
        } catch (UnreadableTable $told) {
            $import->update(['state' => ImportState::Failed, 'problem' => $told->problem->value]);
        }
    }

    /** Given up: a step is one transaction, and nothing of it is written. */
    public function failed(): void
    {
        Import::query()->whereKey($this->importId)->update(['state' => ImportState::Failed, 'problem' => 'unexpected']);
    }
}
