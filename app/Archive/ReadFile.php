<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Photo;
use App\Models\User;
use App\Photo\KeepPhoto;
use App\Support\Fields;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Builder;

/** Reads the rows that WriteFile wrote into a practice: numbered anew, every number and every sum looked at. */
final readonly class ReadFile
{
    private const AT_ONCE = 500;

    private const LONGEST_LINE = 20_000_000;

    /** Numbers left free for whatever else is being logged meanwhile. */
    private const ROOM = 1000;

    public function __construct(private Connection $database, private Filesystem $files)
    {
    }

    /**
     * What archive.json tells.
     *
     * @throws UnreadableArchive
     */
    public function told(string $path, string $format, int $version, int $mostBytes): Fields
    {
        $zip = new \ZipArchive;
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw new UnreadableArchive(ArchiveProblem::NotOne);
        }
        $bytes = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $bytes += $zip->statIndex($i)['size'] ?? 0;
        }
        $json = $zip->getFromName('archive.json', 5_000_000);
        $zip->close();
        $told = Fields::of(json_decode(is_string($json) ? $json : '', true));

        return match (true) {
            $bytes > $mostBytes => throw new UnreadableArchive(ArchiveProblem::TooLarge),
            $told->text('format') !== $format => throw new UnreadableArchive(ArchiveProblem::NotOne),
            $told->int('version') > $version => throw new UnreadableArchive(ArchiveProblem::Newer),
            default => $told,
        };
    }

    /**
     * Inserts them, within the caller's transaction.
     *
     * @param  array<string, ArchivedTable>  $tables  that may be in it
     * @param  ?User  $first  who stands for the first user of the file; null: nobody
     * @param  array<string, \Closure(array<mixed>): array<string, mixed>>  $beside  what a row needs that is not in the file,
     * @return int rows
     *
     * @throws UnreadableArchive
     */
    public function rows(string $path, Fields $told, array $tables, int $practiceId, ?User $first, array $beside): int
    {
        $counts = [];
        foreach ($told->list('tables') as $one) {
            $one = Fields::of($one);
            if (! isset($tables[$one->text('name')])) {
                throw new UnreadableArchive(ArchiveProblem::Newer, $one->text('name'));
            }
            $counts[$one->text('name')] = [$one->int('rows'), $one->text('sha256')];
        }
        $before = [];
        foreach ($tables as $name => $table) {
            $highest = $table->isNumbered() ? $this->database->table($name)->max('id') : 0;
            $before[$name] = (is_numeric($highest) ? (int) $highest : 0) + self::ROOM;
        }
        $rows = 0;
        // tables point to each other in circles
        $this->database->statement('SET FOREIGN_KEY_CHECKS = 0');
        try {
            foreach (array_intersect_key($tables, $counts) as $name => $table) {
                $reader = new ReadRow($table, $practiceId, $before, array_map(static fn (array $one): int => $one[0], $counts),
                    $first?->id);
                $rows += $this->table($reader, "zip://{$path}#data/{$name}.jsonl", $counts[$name], $first, $beside[$name] ?? null);
            }
        } finally {
            $this->database->statement('SET FOREIGN_KEY_CHECKS = 1');
        }

        return $rows;
    }

    /**
     * Keeps the pictures of photos that were read.
     *
     * @param  Builder<Photo>  $photos
     * @return list<string> what was written
     */
    public function pictures(string $path, Builder $photos): array
    {
        $written = [];
        foreach ($photos->orderBy('id')->get() as $i => $photo) {
            $picture = @file_get_contents("zip://{$path}#pictures/".($i + 1).'.jpg', length: 20_000_000);
            // drawn anew before it was kept: what is no picture here was put there by somebody else
            if (is_string($picture) && str_starts_with($picture, "\xFF\xD8\xFF")) {
                $this->files->put(KeepPhoto::path($photo->file), $picture);
                $written[] = KeepPhoto::path($photo->file);
            }
        }

        return $written;
    }

    /**
     * @param  array{int, string}  $expected  rows and sum
     * @param  ?\Closure(array<mixed>): array<string, mixed>  $beside
     */
    private function table(ReadRow $reader, string $from, array $expected, ?User $first, ?\Closure $beside): int
    {
        $lines = @fopen($from, 'r');
        if ($lines === false) {
            throw new UnreadableArchive(ArchiveProblem::Damaged, $reader->table->name);
        }
        $hash = hash_init('sha256');
        $count = 0;
        $rows = [];
        while (($line = fgets($lines, self::LONGEST_LINE)) !== false) {
            hash_update($hash, $line);
            $count++;
            $row = $reader->row(json_decode($line), $count);
            $row = [...$row, ...($beside === null ? [] : $beside($row))];
            if ($count === 1 && $first !== null && $reader->table->name === 'users') {
                $first->forceFill(array_diff_key($row,
                    array_flip(['id', 'role', 'practice_id', 'email', 'password', 'disabled_at'])))->save();
            } else {
                $rows[] = $row;
            }
            if (count($rows) === self::AT_ONCE) {
                $this->database->table($reader->table->name)->insert($rows);
                $rows = [];
            }
        }
        fclose($lines);
        if ($rows !== []) {
            $this->database->table($reader->table->name)->insert($rows);
        }
        if ($count !== $expected[0] || ! hash_equals($expected[1], hash_final($hash))) {
            throw new UnreadableArchive(ArchiveProblem::Damaged, $reader->table->name);
        }

        return $count;
    }
}
