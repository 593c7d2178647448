<?php

declare(strict_types=1);

namespace App\Help;

/** The help entries that ship, from resources/help/entries.json. */
final readonly class HelpBook
{
    /** @var list<HelpEntry> */
    public array $entries;

    public function __construct()
    {
        /** @var list<array{key: string, title: string, covers: list<string>, what: string, why: string, differ: string, source: string}> $rows */
        $rows = json_decode((string) file_get_contents(resource_path('help/entries.json')), true, flags: JSON_THROW_ON_ERROR);
        $this->entries = array_map(static fn (array $row): HelpEntry => new HelpEntry(...$row), $rows);
    }

    /** @return list<HelpEntry> those that hold every word */
    public function search(string $words): array
    {
        return array_values(array_filter($this->entries, static fn (HelpEntry $entry): bool => $entry->matches($words)));
    }
}
