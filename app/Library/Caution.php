<?php

declare(strict_types=1);

namespace App\Library;

/** One of the usual cautions, in the product's own voice. */
final readonly class Caution
{
    public function __construct(public string $key, public string $title, public string $text)
    {
    }
}
