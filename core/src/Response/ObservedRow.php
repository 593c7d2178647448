<?php

declare(strict_types=1);

namespace Core\Response;

/** All trials of one offset group at one exposure: equal covariates, so their bands are counted. */
final readonly class ObservedRow
{
    /**
     * @param  ?int  $group  index of its offset group, null for none
     * @param  array<int, float>  $covariates
     * @param  array<int, float>  $counts  weighted number of trials in each band, lowest band first
     * @param  float  $stricter  bands by which they were graded harder than others grade
     */
    public function __construct(public ?int $group, public array $covariates, public array $counts, public float $stricter = 0.0)
    {
    }
}
