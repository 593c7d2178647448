<?php

declare(strict_types=1);

use Illuminate\Container\Container;
use Illuminate\Support\Facades\Session;
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

/**
 * What was typed into a field before a form came back, or what it holds. A form that was tampered with sends lists where words belong:
 * they are left out.
 */
function typed(string $field, bool|int|float|string|null $usual = null): bool|int|float|string|null
{
    $old = Session::getOldInput($field, $usual);

    return is_scalar($old) || $old === null ? $old : $usual;
}

/**
 * What was ticked in a list before a form came back, or what is ticked in it.
 *
 * @param  array<string>  $usual
 * @return list<string>
 */
function ticked(string $field, array $usual = []): array
{
    $old = old($field, $usual);

    return array_values(array_filter(is_array($old) ? $old : $usual, is_string(...)));
}
