<?php

declare(strict_types=1);

namespace App\Archive;

use Illuminate\Database\Connection;

/**
 * Rows as they stand in an archive: numbered from 1 in their order instead of by the database, and pointing to each other
 * by these numbers, so that the same practice, or dog, says the same wherever it lies.
 */
final class ArchivedRows
{
    private const AT_ONCE = 2000;

    private const PARENTS_AT_ONCE = 500;

    /** What a device told may name somebody by number. */
    private const NUMBERS_IN_JSON = ['session_events' => ['data' => ['person' => 'people']]];

    /** @var array<string, array<int, int>> numbers in the archive, by table and number of the database */
    private array $numbers = [];

    public function __construct(private readonly Connection $database, Scope $scope)
    {
        foreach ($scope->tables() as $table) {
            if ($table->isNumbered()) {
                $ids = $scope->rows($table)->orderBy("{$table->name}.id")->pluck("{$table->name}.id");
                foreach ($ids as $i => $id) {
                    $this->numbers[$table->name][is_numeric($id) ? (int) $id : 0] = (int) $i + 1;
                }
            }
        }
    }

    /** @return \Generator<array<string, mixed>> by their numbers, or by what tells them apart */
    public function of(ArchivedTable $table): \Generator
    {
        // rows are found by the numbers of the database that are known by now: their own, or of what they hang on
        $by = $table->isNumbered() ? $table->name : $table->pointers[$table->key[0]];
        foreach (array_chunk(array_keys($this->numbers[$by] ?? []), $table->isNumbered() ? self::AT_ONCE : self::PARENTS_AT_ONCE) as $ids) {
            $query = $this->database->table($table->name)->whereIntegerInRaw($table->key[0], $ids)->select($table->columns);
            foreach ($table->key as $column) {
                $query->orderBy($column);
            }
            foreach ($query->get() as $row) {
                yield $this->told($table, (array) $row);
            }
        }
    }

    /**
     * @param  array<mixed>  $row
     * @return array<string, mixed>
     */
    private function told(ArchivedTable $table, array $row): array
    {
        $told = [];
        foreach ($table->columns as $column) {
            $value = $row[$column] ?? null;
            $told[$column] = match (true) {
                $value === null => null,
                $column === 'id' => $this->number($table->name, $value),
                isset($table->pointers[$column]) => $this->number($table->pointers[$column], $value),
                $table->isJson($column) => $this->json($table->name, $column, is_string($value) ? $value : ''),
                default => $value,
            };
        }

        return $told;
    }

    private function number(string $table, mixed $id): ?int
    {
        return $this->numbers[$table][is_numeric($id) ? (int) $id : 0] ?? null;
    }

    private function json(string $table, string $column, string $text): mixed
    {
        $value = json_decode($text, flags: JSON_THROW_ON_ERROR);
        foreach (self::NUMBERS_IN_JSON[$table][$column] ?? [] as $key => $of) {
            if ($value instanceof \stdClass && is_int($value->{$key} ?? null)) {
                $value->{$key} = $this->number($of, $value->{$key});
            }
        }

        return $value;
    }

    /** @return array<string, array<string, string>> table that a number within JSON is of, by column and key */
    public static function numbersIn(string $table): array
    {
        return self::NUMBERS_IN_JSON[$table] ?? [];
    }
}
