<?php

declare(strict_types=1);

namespace Core\Method;

/** A point on which practitioners differ: what a plan may choose, the default and its reason. */
final readonly class Choice
{
    /** @param  non-empty-array<string, string>  $options  labels by key */
    public function __construct(public string $key, public string $label, public array $options, public string $default, public string $why)
    {
    }
}
