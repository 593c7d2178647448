<?php

declare(strict_types=1);

use Illuminate\Container\Container;
use Words\Phrases;

/* The two words that views and messages need. */

/** @param  array<string, bool|int|float|string|null>  $facts */
function say(string $key, array $facts = []): string
{
    return words()->say($key, $facts);
}

/** What the core answers, in the words of whoever is signed in. */
function words(): Phrases
{
    return Container::getInstance()->make(Phrases::class);
}

/**
 * The messages below a key, for a list to choose from.
 *
 * @param  list<string|int>  $keys
 * @return array<string, string> by key
 */
function labels(string $below, array $keys): array
{
    return array_combine(array_map(strval(...), $keys), array_map(static fn (string|int $key): string => say("{$below}.{$key}"), $keys));
}

/**
 * The cases of an enumeration, for a list to choose from.
 *
 * @param  list<\BackedEnum>  $cases
 * @return array<string, string> by value
 */
function cases(array $cases): array
{
    return array_combine(
        array_map(static fn (\BackedEnum $case): string => (string) $case->value, $cases),
        array_map(static fn (\BackedEnum $case): string => words()->label($case), $cases),
    );
}

/**
 * The answers to choose from, as a form shows them.
 *
 * @param  list<string|int>  $keys
 * @return array<string, string> by key
 */
function options(string $name, array $keys): array
{
    return labels("options.{$name}", $keys);
}
