<?php

declare(strict_types=1);

namespace Core\Food;

/** What a dog's age and work make of its resting energy. */
final readonly class LifeStage
{
    /** @param  float  $factor  on resting energy */
    public function __construct(public string $key, public float $factor)
    {
    }
}
