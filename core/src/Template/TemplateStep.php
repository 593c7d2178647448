<?php

declare(strict_types=1);

namespace Core\Template;

use Core\Ladder\Criterion;
use Core\Ladder\Manner;

/** A step of a template. A distance is told as part of the way from start to goal, so that it fits any dog. */
final readonly class TemplateStep
{
    /**
     * @param  array<string, float|string>  $values  by dimension key
     * @param  ?float  $way  −0.5 to 1: 0 is the start, 1 the goal, in equal ratios; null where the plan has no distance
     */
    public function __construct(public array $values, public ?float $way, public Criterion $criterion, public Manner $manner)
    {
    }
}
