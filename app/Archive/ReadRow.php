<?php

declare(strict_types=1);

namespace App\Archive;

/** Turns a row of a file into one of the database. */
final readonly class ReadRow
{
    /**
     * @param  array<string, int>  $before  what is added to a number of the file, by table
     * @param  array<string, int>  $counts  rows of each table of the file
     * @param  ?int  $first  the user who stands for the first of the file
     */
    public function __construct(
        public ArchivedTable $table, private int $practiceId, private array $before, private array $counts, private ?int $first,
    ) {
    }

    /**
     * @param  int  $place  in its table, from 1: also its number, where rows have one
     * @return array<string, mixed>
     *
     * @throws UnreadableArchive
     */
    public function row(mixed $told, int $place): array
    {
        if (! $told instanceof \stdClass) {
            throw new UnreadableArchive(ArchiveProblem::Damaged, $this->table->name);
        }
        $row = $this->table->isOfPractice ? ['practice_id' => $this->practiceId] : [];
        foreach ($this->table->columns as $column) {
            // a column that an older file does not have is as the database would have it
            if (! property_exists($told, $column)) {
                continue;
            }
            $value = $told->{$column};
            $row[$column] = match (true) {
                $column === 'id' => $value === $place ? $this->before[$this->table->name] + $value : $this->damaged($column),
                $value === null => null,
                isset($this->table->pointers[$column]) => $this->number($this->table->pointers[$column], $value),
                $this->table->isJson($column) => $this->json($column, $value),
                is_scalar($value) => $value,
                default => $this->damaged($column),
            };
        }

        return $row;
    }

    private function number(string $of, mixed $value): int
    {
        if (! is_int($value) || $value < 1 || $value > ($this->counts[$of] ?? 0)) {
            return $this->damaged($of);
        }

        return $of === 'users' && $value === 1 && $this->first !== null ? $this->first : $this->before[$of] + $value;
    }

    private function json(string $column, mixed $value): string
    {
        foreach (ArchivedRows::numbersIn($this->table->name)[$column] ?? [] as $key => $of) {
            if ($value instanceof \stdClass && isset($value->{$key})) {
                $value->{$key} = $this->number($of, $value->{$key});
            }
        }

        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    private function damaged(string $at): never
    {
        throw new UnreadableArchive(ArchiveProblem::Damaged, "{$this->table->name}: {$at}");
    }
}
