<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Dog;
use App\Models\Person;
use App\Models\Photo;
use App\Models\Practice;
use App\Models\Role;
use App\Models\TrailAction;
use App\Models\User;
use App\Photo\KeepPhoto;
use App\Support\Fields;
use App\Trail\Trail;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Restores an archive into a practice that has nothing yet: all of it or, where anything in it is wrong, nothing. Its first owner becomes
 * whoever restores it; others keep their names, and sign in again once they are invited.
 */
final readonly class RestoreArchive
{
    private const AT_ONCE = 500;

    private const MOST_BYTES = 4_000_000_000;

    private const LONGEST_LINE = 20_000_000;

    /** Numbers left free for whatever else is being logged meanwhile. */
    private const ROOM = 1000;

    public function __construct(
        private ArchivedTables $tables, private Connection $database, private Filesystem $files, private ClockInterface $clock,
        private Trail $trail,
    ) {
    }

    /**
     * @return int rows
     *
     * @throws UnreadableArchive
     */
    public function restore(User $owner, string $path): int
    {
        $practice = $owner->practice;
        if ($owner->role !== Role::Owner || Dog::query()->where('practice_id', $practice->id)->exists()
            || User::query()->where('practice_id', $practice->id)->count() > 1) {
            throw new UnreadableArchive(ArchiveProblem::NotEmpty);
        }
        $told = $this->told($path);
        $kept = [];
        try {
            return $this->database->transaction(function () use ($owner, $practice, $path, $told, &$kept): int {
                $of = array_intersect_key($told->named('practice'), array_flip(WriteArchive::OF_PRACTICE));
                $practice->forceFill($of)->save();
                // whoever set the practice up is in the archive as its owner
                Person::query()->where('practice_id', $practice->id)->delete();
                $this->database->statement('SET FOREIGN_KEY_CHECKS = 0');
                $rows = $this->tables($practice, $owner, $path, $told);
                $this->database->statement('SET FOREIGN_KEY_CHECKS = 1');
                $kept = $this->pictures($practice, $path);
                $this->trail->note($owner, TrailAction::Restored, $practice);

                return $rows;
            });
        } catch (\Throwable $problem) {
            $this->database->statement('SET FOREIGN_KEY_CHECKS = 1');
            array_map($this->files->delete(...), $kept);

            throw $problem;
        }
    }

    private function told(string $path): Fields
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
            $bytes > self::MOST_BYTES => throw new UnreadableArchive(ArchiveProblem::TooLarge),
            $told->text('format') !== WriteArchive::FORMAT => throw new UnreadableArchive(ArchiveProblem::NotOne),
            $told->int('version') > WriteArchive::VERSION => throw new UnreadableArchive(ArchiveProblem::Newer),
            default => $told,
        };
    }

    private function tables(Practice $practice, User $owner, string $path, Fields $told): int
    {
        $tables = $this->tables->all();
        $counts = $before = [];
        foreach ($told->list('tables') as $one) {
            $one = Fields::of($one);
            if (! isset($tables[$one->text('name')])) {
                throw new UnreadableArchive(ArchiveProblem::Newer, $one->text('name'));
            }
            $counts[$one->text('name')] = [$one->int('rows'), $one->text('sha256')];
        }
        foreach ($tables as $name => $table) {
            $highest = $table->isNumbered() ? $this->database->table($name)->max('id') : 0;
            $before[$name] = (is_numeric($highest) ? (int) $highest : 0) + self::ROOM;
        }
        $rows = 0;
        foreach (array_intersect_key($tables, $counts) as $name => $table) {
            [$expected, $sum] = $counts[$name];
            $rows += $this->table($table, $practice, $owner, "zip://{$path}#data/{$name}.jsonl", $expected, $sum, $before, $counts);
        }

        return $rows;
    }

    /**
     * @param  array<string, int>  $before  what is added to a number of the archive, by table
     * @param  array<string, array{int, string}>  $counts  rows of each table
     */
    private function table(
        ArchivedTable $table, Practice $practice, User $owner, string $from, int $expected, string $sum, array $before, array $counts,
    ): int {
        $lines = @fopen($from, 'r');
        if ($lines === false) {
            throw new UnreadableArchive(ArchiveProblem::Damaged, $table->name);
        }
        $hash = hash_init('sha256');
        $count = 0;
        $rows = [];
        while (($line = fgets($lines, self::LONGEST_LINE)) !== false) {
            hash_update($hash, $line);
            $row = $this->row($table, json_decode($line), $practice, $owner, $before, $counts);
            // the first owner is there already, as whoever restores it
            if ($table->name === 'users' && $row['id'] === $before['users'] + 1) {
                $owner->forceFill(array_diff_key($row,
                    array_flip(['id', 'role', 'practice_id', 'email', 'password', 'disabled_at'])))->save();
            } else {
                $rows[] = $row;
            }
            $count++;
            if (count($rows) === self::AT_ONCE) {
                $this->database->table($table->name)->insert($rows);
                $rows = [];
            }
        }
        fclose($lines);
        if ($rows !== []) {
            $this->database->table($table->name)->insert($rows);
        }
        if ($count !== $expected || ! hash_equals($sum, hash_final($hash))) {
            throw new UnreadableArchive(ArchiveProblem::Damaged, $table->name);
        }

        return $count;
    }

    /**
     * @param  array<string, int>  $before
     * @param  array<string, array{int, string}>  $counts
     * @return array<string, mixed>
     */
    private function row(ArchivedTable $table, mixed $told, Practice $practice, User $owner, array $before, array $counts): array
    {
        if (! $told instanceof \stdClass) {
            throw new UnreadableArchive(ArchiveProblem::Damaged, $table->name);
        }
        $row = $table->isOfPractice ? ['practice_id' => $practice->id] : [];
        $number = static function (string $of, mixed $value) use ($before, $counts, $owner, $table): int {
            if (! is_int($value) || $value < 1 || $value > ($counts[$of][0] ?? 0)) {
                throw new UnreadableArchive(ArchiveProblem::Damaged, "{$table->name}: {$of}");
            }

            return $of === 'users' && $value === 1 ? $owner->id : $before[$of] + $value;
        };
        foreach ($table->columns as $column) {
            // a column that an older archive does not have is as the database would have it
            if (! property_exists($told, $column)) {
                continue;
            }
            $value = $told->{$column};
            $row[$column] = match (true) {
                $value === null => null,
                $column === 'id' => is_int($value)
                    ? $before[$table->name] + $value : throw new UnreadableArchive(ArchiveProblem::Damaged, $table->name),
                isset($table->pointers[$column]) => $number($table->pointers[$column], $value),
                $table->isJson($column) => self::json($table->name, $column, $value, $number),
                is_scalar($value) => $value,
                default => throw new UnreadableArchive(ArchiveProblem::Damaged, "{$table->name}: {$column}"),
            };
        }

        return [...$row, ...$this->leftOut($table->name)];
    }

    /** @param  \Closure(string, mixed): int  $number */
    private static function json(string $table, string $column, mixed $value, \Closure $number): string
    {
        foreach (ArchivedRows::numbersIn($table, $column) as $key => $of) {
            if ($value instanceof \stdClass && isset($value->{$key})) {
                $value->{$key} = $number($of, $value->{$key});
            }
        }

        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, mixed> what an archive does not have of a row, and the row cannot do without */
    private function leftOut(string $table): array
    {
        return match ($table) {
            'users' => [
                'email' => 'restored-'.Str::uuid()->toString().'@restored.invalid', 'password' => '', 'disabled_at' => $this->clock->now(),
            ],
            'photos' => ['file' => (string) Str::uuid()],
            'reports' => ['progress' => 0, 'has_failed' => true],
            default => [],
        };
    }

    /** @return list<string> what was written */
    private function pictures(Practice $practice, string $path): array
    {
        $written = [];
        foreach (Photo::query()->where('practice_id', $practice->id)->orderBy('id')->get() as $i => $photo) {
            $picture = @file_get_contents("zip://{$path}#pictures/".($i + 1).'.jpg', length: 20_000_000);
            // drawn anew before it was kept: what is no picture here was put there by somebody else
            if (is_string($picture) && str_starts_with($picture, "\xFF\xD8\xFF")) {
                $this->files->put(KeepPhoto::path($photo->file), $picture);
                $written[] = KeepPhoto::path($photo->file);
            }
        }

        return $written;
    }
}
