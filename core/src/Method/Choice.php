<?php

declare(strict_types=1);

namespace Core\Method;

/** A point on which practitioners differ: what a plan may choose, and the default. Common practice. */
final readonly class Choice
{
    /** @param  non-empty-list<string>  $options  keys */
    public function __construct(public string $key, public array $options, public string $default)
    {
    }
}
