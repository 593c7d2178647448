<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Practice;
use App\Support\Fields;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;

/** Takes out the demo practice with all that hangs on it, and nothing of anybody else. */
final readonly class RemoveDemo
{
    public function __construct(private Connection $database)
    {
    }

    /** @return bool whether there was one */
    public function remove(): bool
    {
        $demos = Practice::query()->where('is_demo', true)->pluck('id')->all();
        if ($demos === []) {
            return false;
        }
        $this->database->statement('SET FOREIGN_KEY_CHECKS = 0');
        try {
            $this->database->transaction(function () use ($demos): void {
                foreach ($this->tablesOfPractices() as $table) {
                    $this->database->table($table)->whereIn('practice_id', $demos)->delete();
                }
                $this->database->table('practices')->whereIn('id', $demos)->delete();
                $this->removeOrphans();
            });
        } finally {
            $this->database->statement('SET FOREIGN_KEY_CHECKS = 1');
        }

        return true;
    }

    /** What points to something that is gone goes too, and what points to that: foreign keys allow no orphans otherwise. */
    private function removeOrphans(): void
    {
        $keys = $this->foreignKeys();
        do {
            $gone = 0;
            foreach ($keys as [$table, $column, $of, $key]) {
                $gone += $this->database->table($table)->whereNotNull("{$table}.{$column}")->whereNotExists(
                    static fn (Builder $parents) => $parents->from("{$of} as parents")->whereColumn("parents.{$key}", "{$table}.{$column}"),
                )->delete();
            }
        } while ($gone > 0);
    }

    /** @return list<string> */
    private function tablesOfPractices(): array
    {
        return array_values(array_map(static fn (mixed $row): string => Fields::of($row)->text('name'), $this->database->select(
            "SELECT table_name AS name FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = 'practice_id'",
        )));
    }

    /** @return list<array{string, string, string, string}> table, column, and the table and column it points to */
    private function foreignKeys(): array
    {
        return array_values(array_map(static function (mixed $row): array {
            $key = Fields::of($row);

            return [$key->text('t'), $key->text('c'), $key->text('rt'), $key->text('rc')];
        }, $this->database->select(
            'SELECT table_name AS t, column_name AS c, referenced_table_name AS rt, referenced_column_name AS rc
                FROM information_schema.key_column_usage WHERE table_schema = DATABASE() AND referenced_table_name IS NOT NULL',
        )));
    }
}
