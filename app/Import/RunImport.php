<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Import;
use App\Models\ImportKind;
use App\Models\ImportState;
use App\Models\TrailAction;
use App\Trail\Trail;
use Illuminate\Contracts\Container\Container;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Imports the rows that were understood: all of them or, where something breaks, none. */
final readonly class RunImport implements ImportStep
{
    private const TELL_EVERY = 200;

    public function __construct(
        private Container $container, private Connection $database, private ImportProgress $progress, private ClockInterface $clock,
        private Trail $trail,
    ) {
    }

    public function work(Import $import): void
    {
        $writer = $this->container->make(match ($import->kind) {
            ImportKind::Trials, ImportKind::Sessions => SessionRows::class,
            ImportKind::Weights => HealthRows::class,
            ImportKind::Upsets => UpsetRows::class,
            ImportKind::Home => HomeRows::class,
        });
        $told = 0;
        $this->database->transaction(function () use ($import, $writer, &$told): void {
            $written = $writer->write($import, function (int $rows) use ($import, &$told): void {
                if ($rows >= $told + self::TELL_EVERY) {
                    $this->progress->tell($import, $told = $rows);
                }
            });
            // what was written is read where it stands from now on; what could not be stays to be looked at
            $import->goodRows()->delete();
            $import->update([
                'state' => ImportState::Imported, 'finished_at' => $this->clock->now(),
                'counts' => [...$import->counts ?? [], 'written' => $written],
            ]);
        });
        $this->trail->note($import->user, TrailAction::Added, $import);
    }

    public static function from(): ImportState
    {
        return ImportState::Importing;
    }
}
