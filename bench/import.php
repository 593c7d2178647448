<?php

declare(strict_types=1);

/*
 * A log of 50,000 trials as a workbook: looked through, imported, archived with all of the practice, and undone by the worker's own
 * steps, with the most memory each took.
 * What is told is seconds, and how many rows that is to one INSERT of one row in the same run.
 */

use App\Archive\WriteArchive;
use App\Import\CheckImport;
use App\Import\RunImport;
use App\Import\TakeFile;
use App\Import\UndoImport;
use App\Models\Import;
use App\Models\ImportKind;
use App\Models\ImportState;
use App\Models\User;
use App\Table\XlsxWriter;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$rows = max(1, (int) ($argv[1] ?? 50_000));
$step = $argv[2] ?? '';
$owner = User::query()->where('email', 'rowan@saltmarshlane.example')->firstOrFail();

if ($step === '') {
    $file = sys_get_temp_dir()."/wheatear-bench-{$rows}.xlsx";
    XlsxWriter::write($file, (static function () use ($rows): Generator {
        mt_srand(20261129);
        yield ['Dog', 'Date', 'Time', 'Yards', 'Result', 'Band', 'Signs', 'Food', 'Notes'];
        for ($i = 0; $i < $rows; $i++) {
            $day = (new DateTimeImmutable('2016-01-01'))->modify('+'.intdiv($i, 30).' days')->format('Y-m-d');
            $band = [0, 0, 0, 1, 1, 2][mt_rand(0, 5)];
            yield [
                'Bodkin', $day, sprintf('%02d:%02d', 9 + intdiv($i % 30, 15), ($i % 15) * 4 % 60), mt_rand(10, 60),
                $band < 2 ? 'returned' : 'prompted', $band, 'loose, wavy body', 'gently', 'row '.$i,
            ];
        }
    })());
    clearstatcache();
    echo sprintf("%d rows, %.0f kB as a workbook\n", $rows, filesize($file) / 1e3);
    $import = $app->make(TakeFile::class)->take($owner, ImportKind::Trials, $file, 'bench.xlsx');
    unlink($file);
    $at = hrtime(true);
    for ($i = 0; $i < 200; $i++) {
        DB::table('import_rows')->insert(['import_id' => $import->id, 'number' => $i, 'state' => 'bad', 'data' => '{}']);
    }
    echo sprintf("one row written: %.2f ms\n", (hrtime(true) - $at) / 2e8);
    $steps = ['check' => ImportState::Checking, 'run' => ImportState::Importing, 'archive' => null, 'undo' => ImportState::Undoing];
    foreach ($steps as $step => $state) {
        $import->update($state === null ? [] : ['state' => $state]);
        // each in a process of its own, so that the memory is its own
        passthru(PHP_BINARY.' '.escapeshellarg(__FILE__)." {$import->id} {$step}", $failed);
        if ($failed !== 0) {
            exit(1);
        }
    }
    exit(0);
}
$import = Import::query()->with(['practice', 'user'])->findOrFail($rows);
$at = hrtime(true);
if ($step === 'archive') {
    $file = sys_get_temp_dir().'/wheatear-bench.zip';
    $written = $app->make(WriteArchive::class)->write($import->practice, $file);
    clearstatcache();
    echo sprintf(
        "%-7s %6.1f s, %4.0f MB at most, %d rows of all lists, %d trials, a file of %.1f MB\n", $step, (hrtime(true) - $at) / 1e9,
        memory_get_peak_usage(true) / 1e6, $written['rows'], DB::table('trials')->count(), filesize($file) / 1e6,
    );
    unlink($file);
    exit(0);
}
$app->make(['check' => CheckImport::class, 'run' => RunImport::class, 'undo' => UndoImport::class][$step])->work($import);
$import->refresh();
echo sprintf(
    "%-7s %6.1f s, %4.0f MB at most, %s: %s\n", $step, (hrtime(true) - $at) / 1e9, memory_get_peak_usage(true) / 1e6, $import->state->value,
    json_encode($import->counts),
);
