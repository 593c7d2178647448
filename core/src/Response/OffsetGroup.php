<?php

declare(strict_types=1);

namespace Core\Response;

/**
 * The prior of one session's offset: a random intercept, Normal(mean, variance).
 *
 * Trials after a reaction form a group of their own with a mean above 0; a long gap before a session widens its variance.
 */
final readonly class OffsetGroup
{
    public function __construct(public float $mean, public float $variance)
    {
    }
}
