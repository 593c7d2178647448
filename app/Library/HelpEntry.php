<?php

declare(strict_types=1);

namespace App\Library;

/** What one rule, number or setting means, in the reader's words. */
final readonly class HelpEntry
{
    /**
     * @param  string  $section  what people do when they look for it
     * @param  list<string>  $covers  codes of reasons, and settings as "setting:name"
     * @param  string  $numbers  formulas and figures, folded away; may be empty, as may $differ
     */
    public function __construct(
        public string $key,
        public string $section,
        public array $covers,
        public string $title,
        public string $what,
        public string $why,
        public string $differ,
        public string $numbers,
        public string $source,
    ) {
    }

    public function matches(string $words): bool
    {
        $text = mb_strtolower("{$this->title} {$this->what} {$this->why} {$this->differ} {$this->numbers} {$this->source}");
        foreach (preg_split('/\s+/', mb_strtolower(trim($words)), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (! str_contains($text, $word)) {
                return false;
            }
        }

        return true;
    }
}
