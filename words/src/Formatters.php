<?php

declare(strict_types=1);

namespace Words;

/** Formatters of the internationalization library, each made once: that takes a hundred times as long as using it. */
final class Formatters
{
    /** @var array<string, \IntlDateFormatter> */
    private array $dates = [];

    /** @var array<string, ?\MessageFormatter> */
    private array $messages = [];

    /**
     * A time as a locale writes what a skeleton names, such as "yMMMd".
     *
     * @param  string  $zone  such as America/New_York
     */
    public function date(\DateTimeInterface $at, string $skeleton, string $locale, string $zone): string
    {
        $formatter = $this->dates["{$locale} {$zone} {$skeleton}"] ??= new \IntlDateFormatter(
            $locale, \IntlDateFormatter::NONE, \IntlDateFormatter::NONE, $zone,
            pattern: (string) (new \IntlDatePatternGenerator($locale))->getBestPattern($skeleton),
        );

        return (string) $formatter->format($at->getTimestamp());
    }

    /**
     * A message in ICU syntax with its facts.
     *
     * @param  array<int|string, float|int|string>  $facts  by name or place
     * @return ?string null if it is no message, or misses a fact
     */
    public function message(string $message, array $facts, string $locale): ?string
    {
        $key = "{$locale} {$message}";
        if (! array_key_exists($key, $this->messages)) {
            $this->messages[$key] = \MessageFormatter::create($locale, $message);
        }
        $said = $this->messages[$key]?->format($facts);

        return is_string($said) ? $said : null;
    }
}
