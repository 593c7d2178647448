<?php

declare(strict_types=1);

namespace App\Incident;

/** What an incident is recorded by: facts, not levels. */
final readonly class IncidentFacts
{
    /** @var array<string, list<string>> answers by field */
    public const ASKED = [
        'contact' => ['no', 'cloth', 'skin'],
        'mark' => ['no', 'yes', 'unknown'],
        'broken' => ['no', 'yes', 'unknown'],
        'held' => ['no', 'held', 'shook', 'unknown'],
        'times' => ['once', 'twice', 'more'],
        'whom' => ['handler', 'adult', 'child', 'dog', 'animal', 'nobody'],
    ];

    public const TOLD = ['guardian', 'owner', 'hurt', 'vet', 'behavior', 'authority', 'insurer'];

    /**
     * @param  array<string, string>  $facts
     * @return array<string, string> answers by question
     */
    public static function inWords(array $facts): array
    {
        $words = [];
        foreach (self::ASKED as $field => $answers) {
            $answer = $facts[$field] ?? '';
            $words[say("options.incident.{$field}")] = in_array($answer, $answers, true)
                ? say("options.incident_{$field}.{$answer}")
                : say('options.incident.not_said');
        }

        return $words;
    }

    /** @param  array<string, string>  $facts */
    public static function isBite(array $facts): bool
    {
        return in_array($facts['contact'] ?? '', ['cloth', 'skin'], true);
    }
}
