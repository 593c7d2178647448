<?php

declare(strict_types=1);

namespace App\Archive;

/** One table of an archive: its columns, what they point to, and by which of them it belongs to a practice. */
final readonly class ArchivedTable
{
    /**
     * @param  list<string>  $columns  that are archived, in their order
     * @param  array<string, string>  $types  of the database, by column
     * @param  array<string, bool>  $nullable  by column
     * @param  list<string>  $key  primary
     * @param  array<string, string>  $pointers  table that a column points to, by column
     */
    public function __construct(
        public string $name, public array $columns, public array $types, public array $nullable, public array $key,
        public array $pointers, public bool $isOfPractice,
    ) {
    }

    /** @param  array<string>  $columns  the only ones of it that are archived */
    public function with(array $columns): self
    {
        $columns = array_values(array_intersect($this->columns, $columns));

        return new self(
            $this->name, $columns, $this->types, $this->nullable, $this->key,
            array_intersect_key($this->pointers, array_flip($columns)), $this->isOfPractice,
        );
    }

    /** Whether rows are told apart by a number that means nothing outside of the database. */
    public function isNumbered(): bool
    {
        return $this->key === ['id'];
    }

    public function isJson(string $column): bool
    {
        return $this->types[$column] === 'longtext';
    }

    /** @return array<string, mixed> JSON Schema of a row, as it stands in the archive */
    public function schema(): array
    {
        $properties = [];
        foreach ($this->columns as $column) {
            $type = match (true) {
                isset($this->pointers[$column]) || $column === 'id' => 'integer',
                $this->isJson($column) => ['object', 'array', 'string', 'number', 'boolean'],
                in_array($this->types[$column], ['int', 'bigint', 'smallint', 'tinyint', 'mediumint'], true) => 'integer',
                in_array($this->types[$column], ['double', 'float'], true) => 'number',
                default => 'string',
            };
            $properties[$column] = ['type' => $this->nullable[$column] ? [...(array) $type, 'null'] : $type];
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => $this->name, 'type' => 'object',
            'additionalProperties' => false, 'required' => $this->columns, 'properties' => $properties,
        ];
    }
}
