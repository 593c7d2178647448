<?php

declare(strict_types=1);

namespace Core\Wearing;

/** One thing that should hold before an item is used for real. */
final readonly class Requirement
{
    /** @param  string  $standing  how it stands now, in words */
    public function __construct(public string $key, public string $asks, public bool $isMet, public string $standing)
    {
    }
}
