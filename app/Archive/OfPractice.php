<?php

declare(strict_types=1);

namespace App\Archive;

use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;

/** Everything of one practice. */
final readonly class OfPractice implements Scope
{
    /** @param  array<string, ArchivedTable>  $tables */
    public function __construct(private Connection $database, private array $tables, private int $practiceId)
    {
    }

    public function tables(): array
    {
        return $this->tables;
    }

    public function rows(ArchivedTable $table): Builder
    {
        return $this->database->table($table->name)->where(fn (Builder $of) => $this->narrow($of, $table));
    }

    private function narrow(Builder $query, ArchivedTable $table): void
    {
        if ($table->isOfPractice) {
            $query->where("{$table->name}.practice_id", $this->practiceId);

            return;
        }
        // by what it hangs on: all that it points to are of one practice
        foreach ($table->pointers as $column => $parent) {
            if (isset($this->tables[$parent]) && ! $table->nullable[$column]) {
                $query->whereIn("{$table->name}.{$column}", function (Builder $of) use ($parent): void {
                    $of->from($parent)->select("{$parent}.id");
                    $this->narrow($of, $this->tables[$parent]);
                });

                return;
            }
        }
        throw new \LogicException("{$table->name} hangs on nothing of a practice.");
    }
}
