<?php

declare(strict_types=1);

namespace App\Archive;

use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;

/** One dog with the parts that were chosen; people and places by name, as far as these parts name them. */
final readonly class OfDog implements Scope
{
    /** @param  array<string, ArchivedTable>  $tables */
    private function __construct(private Connection $database, private array $tables, private int $dogId)
    {
    }

    /** @param  list<DogPart>  $parts */
    public static function chosen(Connection $database, ArchivedTables $tables, int $dogId, array $parts): self
    {
        return new self($database, self::tablesOf($tables, $parts), $dogId);
    }

    /**
     * @param  list<DogPart>  $parts
     * @return array<string, ArchivedTable>
     */
    public static function tablesOf(ArchivedTables $tables, array $parts): array
    {
        $names = array_merge(['dogs', ...array_keys(DogPart::NAMED)],
            ...array_map(static fn (DogPart $part): array => $part->tables(), $parts));
        $ofDog = in_array(DogPart::Health, $parts, true) ? DogPart::OF_DOG : [...DogPart::OF_DOG, 'health_note'];

        return array_map(static fn (ArchivedTable $table): ArchivedTable => match (true) {
            $table->name === 'dogs' => $table->with(array_diff($table->columns, $ofDog)),
            isset(DogPart::NAMED[$table->name]) => $table->with(DogPart::NAMED[$table->name]),
            default => $table,
        }, array_intersect_key($tables->all(), array_flip($names)));
    }

    public function tables(): array
    {
        return $this->tables;
    }

    public function rows(ArchivedTable $table): Builder
    {
        $query = $this->database->table($table->name);

        return isset(DogPart::NAMED[$table->name])
            ? $query->where(fn (Builder $of) => $this->named($of, $table->name))
            : $query->where(fn (Builder $of) => $this->narrow($of, $table));
    }

    private function narrow(Builder $query, ArchivedTable $table): void
    {
        if ($table->name === 'dogs') {
            $query->where('dogs.id', $this->dogId);

            return;
        }
        $own = $this->hangsOn($table);
        $column = array_key_first($own) ?? throw new \LogicException("{$table->name} hangs on no dog.");
        $parent = $this->tables[$own[$column]];
        $query->whereIn("{$table->name}.{$column}", fn (Builder $of) => $this->of($of, $parent)->select("{$parent->name}.id"));
    }

    /** @return array<string, string> table by column: the dog itself, else what cannot be missing */
    private function hangsOn(ArchivedTable $table): array
    {
        $own = array_filter($table->pointers, fn (string $parent): bool => isset($this->tables[$parent])
            && ! isset(DogPart::NAMED[$parent]));

        return array_filter($own, static fn (string $parent): bool => $parent === 'dogs')
            ?: array_filter($own, static fn (string $column): bool => ! $table->nullable[$column], ARRAY_FILTER_USE_KEY);
    }

    /** Whom or what the rows of the other tables name. */
    private function named(Builder $query, string $name): void
    {
        $query->whereRaw('1 = 0');
        foreach ($this->tables as $table) {
            foreach (isset(DogPart::NAMED[$table->name]) ? [] : array_keys($table->pointers, $name, true) as $column) {
                $query->orWhereIn("{$name}.id", fn (Builder $of) => $this->of($of, $table)->select("{$table->name}.{$column}"));
            }
            foreach (ArchivedRows::numbersIn($table->name) as $column => $keys) {
                foreach (array_keys($keys, $name, true) as $key) {
                    $query->orWhereIn("{$name}.id", fn (Builder $of) => $this->of($of, $table)
                        ->selectRaw("JSON_VALUE({$table->name}.{$column}, ?)", ["$.{$key}"]));
                }
            }
        }
    }

    private function of(Builder $of, ArchivedTable $table): Builder
    {
        $this->narrow($of->from($table->name), $table);

        return $of;
    }
}
