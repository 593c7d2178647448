<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** Two pinned visits ask the same person or dog to be in two places. */
final class OverlappingPins extends \RuntimeException
{
    public function __construct(public readonly Visit $first, public readonly Visit $second)
    {
        parent::__construct('overlapping-pins');
    }
}
