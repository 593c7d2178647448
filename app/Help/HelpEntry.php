<?php

declare(strict_types=1);

namespace App\Help;

/** What one rule, number or setting means. */
final readonly class HelpEntry
{
    /** @param  list<string>  $covers  codes of reasons, and settings as "setting:name" */
    public function __construct(
        public string $key,
        public string $title,
        public array $covers,
        public string $what,
        public string $why,
        public string $differ,
        public string $source,
    ) {
    }

    public function matches(string $words): bool
    {
        $text = mb_strtolower("{$this->title} {$this->what} {$this->why} {$this->differ} {$this->source} ".implode(' ', $this->covers));
        foreach (preg_split('/\s+/', mb_strtolower(trim($words)), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (! str_contains($text, $word)) {
                return false;
            }
        }

        return true;
    }
}
