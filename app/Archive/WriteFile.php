<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Photo;
use App\Photo\KeepPhoto;
use App\Table\CsvWriter;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Writes the rows of a scope into one file: each table as JSON by line and as CSV, its schema, pictures, and a readme. */
final readonly class WriteFile
{
    public function __construct(private Connection $database, private Filesystem $files, private ClockInterface $clock)
    {
    }

    /**
     * @param  array{format: string, version: int}  $format
     * @param  string  $subject  key in archive.json of what it is of
     * @param  array<mixed>  $of  what it is of, said there
     * @param  \Closure(string): string  $readme  of the day it is made
     * @param  ?\Closure(int): mixed  $told  percent of what is done
     * @return array{checksum: string, rows: int} checksum over the data, not the file
     */
    public function write(
        string $path, Scope $scope, array $format, string $subject, array $of, \Closure $readme, ?\Closure $told = null,
    ): array {
        $folder = sys_get_temp_dir().'/wheatear-archive-'.Str::random(12);
        mkdir($folder, 0o700);
        try {
            $zip = new \ZipArchive;
            if ($zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
                throw new \RuntimeException('The archive cannot be written.');
            }
            $rows = new ArchivedRows($this->database, $scope);
            $list = [];
            foreach (array_values($scope->tables()) as $i => $table) {
                $list[] = self::table($zip, $folder, $table, $rows);
                $told !== null && $told(intdiv(100 * ($i + 1), count($scope->tables())));
            }
            $this->pictures($zip, $scope);
            $checksum = hash('sha256', json_encode([$of, $list], JSON_THROW_ON_ERROR));
            $zip->addFromString('archive.json', json_encode([
                ...$format, 'madeAt' => $this->clock->now()->format('Y-m-d\TH:i:s\Z'), $subject => $of, 'tables' => $list,
                'checksum' => $checksum,
            ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)."\n");
            $zip->addFromString('readme.txt', $readme(words()->formats->date($this->clock->now()))."\n");
            $zip->close();

            return ['checksum' => $checksum, 'rows' => array_sum(array_column($list, 'rows'))];
        } finally {
            array_map(unlink(...), glob("{$folder}/*") ?: []);
            rmdir($folder);
        }
    }

    private function pictures(\ZipArchive $zip, Scope $scope): void
    {
        $table = $scope->tables()['photos'] ?? null;
        $ids = $table === null ? [] : $scope->rows($table)->pluck('photos.id');
        foreach (Photo::query()->whereKey($ids)->orderBy('id')->get() as $i => $photo) {
            if ($this->files->exists(KeepPhoto::path($photo->file))) {
                $zip->addFile($this->files->path(KeepPhoto::path($photo->file)), 'pictures/'.($i + 1).'.jpg');
            }
        }
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
}
