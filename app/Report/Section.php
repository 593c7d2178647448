<?php

declare(strict_types=1);

namespace App\Report;

/** One part of a report, said in words: what is kept of it, shown, printed and drawn as a PDF. */
final readonly class Section
{
    /**
     * @param  list<string>  $lines
     * @param  list<array{0: string, 1: string}>  $facts  what, and how it is
     * @param  list<string>  $head  of a table
     * @param  list<list<string>>  $rows
     * @param  list<array<string, mixed>>  $drawings  as Drawing makes them
     */
    public function __construct(
        public string $title, public array $lines = [], public array $facts = [], public array $head = [], public array $rows = [],
        public array $drawings = [],
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->lines === [] && $this->facts === [] && $this->rows === [] && $this->drawings === [];
    }

    /** @return array<string, mixed> as it is kept */
    public function toArray(): array
    {
        return [
            'title' => $this->title, 'lines' => $this->lines, 'facts' => $this->facts, 'head' => $this->head, 'rows' => $this->rows,
            'drawings' => $this->drawings,
        ];
    }
}
