<?php

declare(strict_types=1);

namespace App\Library;

use App\Engine\CoreCatalogs;
use Core\Method\Choice;
use Core\Method\Method;
use Core\Method\Skill;
use Words\Lexicon;
use Words\Phrases;

/**
 * The help: what is grouped where and what it covers stands in resources/help/entries.json, its words in the language files;
 * and one entry for each way of working, skill and point that trainers differ on.
 */
final readonly class HelpPage
{
    /** @var list<HelpEntry> */
    public array $entries;

    public function __construct(CoreCatalogs $catalogs, private Phrases $words, private Lexicon $lexicon)
    {
        $methods = $catalogs->methods();
        $this->entries = [
            ...$this->written(),
            ...array_values(array_map($this->method(...), $methods->methods)),
            $this->noCorrections(),
            ...array_values(array_map($this->choice(...), $methods->choices)),
            ...array_values(array_map($this->skill(...), $methods->skills)),
        ];
    }

    /** @return list<HelpEntry> those that hold every word */
    public function search(string $words): array
    {
        return array_values(array_filter($this->entries, static fn (HelpEntry $entry): bool => $entry->matches($words)));
    }

    /** @return list<string> all that somebody at home needs */
    public function forGuardians(): array
    {
        $lines = array_keys($this->lexicon->below('help_entries.guardian', $this->words->reader->language));

        return array_map(fn (int|string $line): string => $this->words->say("help_entries.guardian.{$line}"), $lines);
    }

    /** @return list<HelpEntry> */
    private function written(): array
    {
        /** @var array<string, array<string, list<string>>> $sections */
        $sections = json_decode((string) file_get_contents(resource_path('help/entries.json')), true, flags: JSON_THROW_ON_ERROR);
        $entries = [];
        foreach ($sections as $section => $keys) {
            foreach ($keys as $key => $covers) {
                $part = fn (string $part): string => $this->lexicon->has("help_entries.entries.{$key}.{$part}")
                    ? $this->words->say("help_entries.entries.{$key}.{$part}")
                    : '';
                $entries[] = new HelpEntry(
                    $key, $section, $covers, $part('title'), $part('what'), $part('why'), $part('differ'), $part('numbers'),
                    $part('source'),
                );
            }
        }

        return $entries;
    }

    private function method(Method $method): HelpEntry
    {
        $of = fn (string $part): string => $this->words->say("methods.methods.{$method->key}.{$part}");

        return new HelpEntry(
            "method-{$method->key}", 'methods', ["method:{$method->key}"],
            $this->words->say('help_entries.method.title', ['label' => $of('label')]), $of('trial'),
            $this->words->say('help_entries.method.why', ['asks' => $of('asks'), 'good' => $of('good_for')]),
            $this->words->say('help_entries.method.differ', ['advance' => $of('advance')]), '',
            $this->words->say('help_entries.common_practice'),
        );
    }

    private function noCorrections(): HelpEntry
    {
        return new HelpEntry(
            'no-corrections', 'methods', ['setting:method'], $this->words->say('help_entries.no_corrections.title'),
            $this->words->say('methods.refusal'),
            $this->words->say('messages.help_book.what_those_trainers_watch_is_kept'), '', '',
            $this->words->say('help_entries.no_corrections.source'),
        );
    }

    private function choice(Choice $choice): HelpEntry
    {
        $of = fn (string $part): string => $this->words->say("methods.choices.{$choice->key}.{$part}");
        $options = array_map(static fn (string $option): string => $of("options.{$option}"), $choice->options);

        return new HelpEntry(
            "choice-{$choice->key}", 'choices', ["choice:{$choice->key}"], $of('label'),
            $this->words->say('help_entries.choice.what', ['default' => $of("options.{$choice->default}")]), $of('why'),
            $this->words->say('help_entries.choice.differ', ['options' => implode('; ', $options)]), '',
            $this->words->say('help_entries.common_practice'),
        );
    }

    private function skill(Skill $skill): HelpEntry
    {
        $of = fn (string $part): string => $this->words->say("methods.skills.{$skill->key}.{$part}");

        return new HelpEntry(
            "skill-{$skill->key}", 'skills', ["skill:{$skill->key}"],
            $this->words->say('help_entries.skill.title', ['label' => $of('label')]),
            $this->words->say('help_entries.skill.what', ['ready' => $of('ready')]),
            $this->words->say('help_entries.skill.why', ['days' => $skill->freshDays]), '', '',
            $this->words->say('help_entries.common_practice'),
        );
    }
}
