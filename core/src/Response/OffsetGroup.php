<?php

declare(strict_types=1);

namespace Core\Response;

/**
 * The prior of one offset: Normal(mean, variance), about another offset where it has a parent.
 *
 * One day's offset lies about the level of its session, that level about the next session's: a random walk, anchored at the present. Trials
 * after a reaction form a group of their own with a mean above 0; a long gap before a session widens its variance.
 */
final readonly class OffsetGroup
{
    /** @param  ?int  $parent  index of the offset it lies about, higher than its own; null for 0 */
    public function __construct(public float $mean, public float $variance, public ?int $parent = null)
    {
    }
}
