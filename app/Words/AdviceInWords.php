<?php

declare(strict_types=1);

namespace App\Words;

use Core\Decision\Action;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionChange;
use Words\Facts;
use Words\Phrases;

/** Advice that was stored as codes and facts, said to one reader. What an older version had said stays as it was said. */
final readonly class AdviceInWords
{
    public function __construct(private Phrases $words, private DimensionCatalog $catalog)
    {
    }

    public function action(Action $action, bool $isClosing): string
    {
        return $isClosing ? $this->words->say('phrases.closing', ['action' => $this->words->label($action)]) : $this->words->label($action);
    }

    /** @param  array<mixed>  $stored  {code, facts} or {code, sentence} */
    public function reason(array $stored): string
    {
        if (is_string($stored['sentence'] ?? null)) {
            return $stored['sentence'];
        }
        $reason = Facts::reason($stored, $this->catalog);

        return $reason === null ? $this->words->say('phrases.not_told') : $this->words->reason($reason, $this->catalog);
    }

    /** @param  array<mixed>  $stored  {dimension, choice} or {change} */
    public function change(array $stored): string
    {
        $text = static fn (string $key): string => is_string($stored[$key] ?? null) ? $stored[$key] : '';

        return $text('change') !== ''
            ? $text('change')
            : $this->words->change(new DimensionChange($this->catalog->plan, $text('dimension'), $text('choice')), $this->catalog);
    }
}
