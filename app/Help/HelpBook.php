<?php

declare(strict_types=1);

namespace App\Help;

use App\Advice\CoreCatalogs;
use Core\Method\Choice;
use Core\Method\Method;
use Core\Method\MethodCatalog;
use Core\Method\Skill;

/** The help entries that ship: from resources/help/entries.json, and one for each method, foundation and point that practitioners differ on. */
final readonly class HelpBook
{
    /** @var list<HelpEntry> */
    public array $entries;

    public function __construct(CoreCatalogs $catalogs)
    {
        /** @var list<array{key: string, title: string, covers: list<string>, what: string, why: string, differ: string, source: string}> $rows */
        $rows = json_decode((string) file_get_contents(resource_path('help/entries.json')), true, flags: JSON_THROW_ON_ERROR);
        $this->entries = [...array_map(static fn (array $row): HelpEntry => new HelpEntry(...$row), $rows), ...self::ofMethods($catalogs->methods())];
    }

    /** @return list<HelpEntry> */
    private static function ofMethods(MethodCatalog $catalog): array
    {
        return [
            ...array_values(array_map(static fn (Method $method): HelpEntry => new HelpEntry(
                "method-{$method->key}", 'Method: '.$method->label, ["method:{$method->key}"], $method->trial, 'It asks: '.lcfirst($method->asksOf).' Good for '.$method->goodFor.'.',
                'Move on: '.lcfirst($method->advanceOn), 'Common practice.',
            ), $catalog->methods)),
            new HelpEntry('no-corrections', 'Why there are no corrections', ['setting:method'], $catalog->refusal, 'What those trainers watch is kept: ears forward, a wrinkled brow and a fixed look mean the dog is loading.', '', 'AVSAB position statement on humane dog training, 2021.'),
            ...array_values(array_map(static fn (Choice $choice): HelpEntry => new HelpEntry(
                "choice-{$choice->key}", $choice->label, ["choice:{$choice->key}"], 'Default: '.$choice->options[$choice->default].'.', $choice->why, 'Some: '.implode('; some: ', $choice->options).'.', 'Common practice.',
            ), $catalog->choices)),
            ...array_values(array_map(static fn (Skill $skill): HelpEntry => new HelpEntry(
                "skill-{$skill->key}", 'Foundation: '.$skill->label, ["skill:{$skill->key}"], 'Ready when: '.lcfirst($skill->readyWhen), "Shown again after {$skill->freshDays} days.", '', 'Common practice.',
            ), $catalog->skills)),
        ];
    }

    /** @return list<HelpEntry> those that hold every word */
    public function search(string $words): array
    {
        return array_values(array_filter($this->entries, static fn (HelpEntry $entry): bool => $entry->matches($words)));
    }
}
