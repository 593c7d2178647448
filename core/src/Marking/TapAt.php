<?php

declare(strict_types=1);

namespace Core\Marking;

/** A tap, in milliseconds from the start of the round as the device told it. */
final readonly class TapAt
{
    public function __construct(public Tap $tap, public int $at)
    {
    }
}
