<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Photo;
use App\Models\Practice;
use App\Models\PracticeArchive;
use App\Models\TrailEntry;
use App\Photo\KeepPhoto;
use App\Table\CsvWriter;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Writes everything of a practice into one file: each table as JSON by line and as CSV, its schema, pictures, and a readme. */
final readonly class WriteArchive
{
    public const FORMAT = 'wheatear.archive';

    public const VERSION = 1;

    /** Columns of the practice itself that travel with it. */
    public const OF_PRACTICE = [
        'name', 'town', 'time_zone', 'phone', 'language', 'distance_unit', 'is_imperial', 'is_clock24', 'quiet_from', 'quiet_until',
        'travel_minutes', 'hot_from_month', 'hot_until_month', 'hot_from', 'hot_until',
    ];

    public function __construct(
        private Connection $database, private ArchivedTables $tables, private Filesystem $files, private ClockInterface $clock,
    ) {
    }

    /** @return array{checksum: string, rows: int} */
    public function write(Practice $practice, string $path, ?PracticeArchive $told = null): array
    {
        $folder = sys_get_temp_dir().'/wheatear-archive-'.Str::random(12);
        mkdir($folder, 0o700);
        try {
            return $this->fill($practice, $path, $folder, $told);
        } finally {
            array_map(unlink(...), glob("{$folder}/*") ?: []);
            rmdir($folder);
        }
    }

    /** @return array{checksum: string, rows: int} */
    private function fill(Practice $practice, string $path, string $folder, ?PracticeArchive $told): array
    {
        $zip = new \ZipArchive;
        if ($zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('The archive cannot be written.');
        }
        $tables = $this->tables->all();
        $rows = new ArchivedRows($this->database, $this->tables, $tables, $practice->id);
        $list = [];
        foreach (array_values($tables) as $i => $table) {
            $list[] = self::table($zip, $folder, $table, $rows);
            $told?->update(['progress' => 5 + intdiv(75 * ($i + 1), count($tables))]);
        }
        foreach (Photo::query()->where('practice_id', $practice->id)->orderBy('id')->get() as $i => $photo) {
            if ($this->files->exists(KeepPhoto::path($photo->file))) {
                $zip->addFile($this->files->path(KeepPhoto::path($photo->file)), 'pictures/'.($i + 1).'.jpg');
            }
        }
        self::trail($zip, $folder, $practice);
        $of = array_intersect_key($practice->getAttributes(), array_flip(self::OF_PRACTICE));
        ksort($of);
        $checksum = hash('sha256', json_encode([$of, $list], JSON_THROW_ON_ERROR));
        $zip->addFromString('archive.json', json_encode([
            'format' => self::FORMAT, 'version' => self::VERSION, 'madeAt' => $this->clock->now()->format('Y-m-d\TH:i:s\Z'),
            'practice' => $of, 'tables' => $list, 'checksum' => $checksum,
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)."\n");
        $zip->addFromString('readme.txt', say('archive.readme', [
            'practice' => $practice->name, 'day' => words()->formats->date($this->clock->now()),
        ])."\n");
        $zip->close();
        $told?->update(['progress' => 95]);

        return ['checksum' => $checksum, 'rows' => array_sum(array_column($list, 'rows'))];
    }

    /** @return array{name: string, rows: int, sha256: string} */
    private static function table(\ZipArchive $zip, string $folder, ArchivedTable $table, ArchivedRows $rows): array
    {
        $json = fopen("{$folder}/{$table->name}.jsonl", 'w');
        $csv = fopen("{$folder}/{$table->name}.csv", 'w');
        if ($json === false || $csv === false) {
            throw new \RuntimeException('There is no room for an archive.');
        }
        CsvWriter::write($csv, [$table->columns]);
        $hash = hash_init('sha256');
        $count = 0;
        foreach ($rows->of($table) as $row) {
            $line = json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
            hash_update($hash, $line);
            fwrite($json, $line);
            CsvWriter::write($csv, [array_map(static fn (mixed $value): string|int|float|bool|null => is_scalar($value) || $value === null
                ? $value
                : json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), array_values($row))]);
            $count++;
        }
        fclose($json);
        fclose($csv);
        foreach (['data' => 'jsonl', 'csv' => 'csv'] as $in => $extension) {
            $zip->addFile("{$folder}/{$table->name}.{$extension}", "{$in}/{$table->name}.{$extension}");
            // fast rather than small: it is as repetitive as logs are
            $zip->setCompressionName("{$in}/{$table->name}.{$extension}", \ZipArchive::CM_DEFLATE, 3);
        }
        $zip->addFromString("schema/{$table->name}.json", json_encode(
            $table->schema(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES,
        )."\n");

        return ['name' => $table->name, 'rows' => $count, 'sha256' => hash_final($hash)];
    }

    /** Who did what when: to be read, and not restored, as it tells of this server. */
    private static function trail(\ZipArchive $zip, string $folder, Practice $practice): void
    {
        $csv = fopen("{$folder}/trail.csv", 'w');
        if ($csv === false) {
            throw new \RuntimeException('There is no room for an archive.');
        }
        CsvWriter::write($csv, [['done_at', 'user', 'action', 'about']]);
        foreach (TrailEntry::query()->where('practice_id', $practice->id)->with('user')->lazyById(1000) as $entry) {
            CsvWriter::write($csv, [[
                $entry->done_at->format('Y-m-d\TH:i:s\Z'), $entry->user->name ?? '', $entry->action->value, $entry->about,
            ]]);
        }
        fclose($csv);
        $zip->addFile("{$folder}/trail.csv", 'csv/trail.csv');
    }
}
