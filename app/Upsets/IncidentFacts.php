<?php

declare(strict_types=1);

namespace App\Upsets;

/** What an incident is recorded by: facts, not levels. */
final readonly class IncidentFacts
{
    /** @var array<string, array{string, array<string, string>}> question and answers by field */
    public const ASKED = [
        'contact' => ['Teeth touched', ['no' => 'no', 'cloth' => 'cloth only', 'skin' => 'skin']],
        'mark' => ['A mark', ['no' => 'no', 'yes' => 'yes', 'unknown' => 'not known']],
        'broken' => ['Skin broken', ['no' => 'no', 'yes' => 'yes', 'unknown' => 'not known']],
        'held' => ['Held on or shook', ['no' => 'no', 'held' => 'held on', 'shook' => 'shook', 'unknown' => 'not known']],
        'times' => ['How many times', ['once' => 'once', 'twice' => 'twice', 'more' => 'more often']],
        'whom' => ['To whom', ['handler' => 'the handler', 'adult' => 'another adult', 'child' => 'a child', 'dog' => 'a dog', 'animal' => 'another animal', 'nobody' => 'nobody: it missed']],
    ];

    public const TOLD = ['guardian' => 'the guardian', 'owner' => 'the head of the practice', 'hurt' => 'whoever was hurt, on medical advice', 'vet' => 'the vet', 'behavior' => 'a qualified behavior professional', 'authority' => 'the local authority, where the law asks for it', 'insurer' => 'the insurer'];

    /**
     * In sentences.
     *
     * @param  array<string, string>  $facts
     * @return array<string, string> answers by question
     */
    public static function inWords(array $facts): array
    {
        $words = [];
        foreach (self::ASKED as $field => [$question, $answers]) {
            $words[$question] = $answers[$facts[$field] ?? ''] ?? 'not said';
        }

        return $words;
    }

    /** @param  array<string, string>  $facts */
    public static function isBite(array $facts): bool
    {
        return in_array($facts['contact'] ?? '', ['cloth', 'skin'], true);
    }
}
