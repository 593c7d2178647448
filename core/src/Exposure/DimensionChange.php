<?php

declare(strict_types=1);

namespace Core\Exposure;

/** One dimension changed to one of its choices: "hand path: hand from the side". */
final readonly class DimensionChange
{
    /**
     * @param  string  $dimension  its key
     * @param  string  $choice  key of its value
     */
    public function __construct(public PlanKind $plan, public string $dimension, public string $choice)
    {
    }
}
