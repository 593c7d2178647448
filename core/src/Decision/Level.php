<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\Exposure;

/** A place on the ladder: an exposure, and the step of the ladder it stands on, or the last one it goes beyond. */
final readonly class Level
{
    /**
     * @param  non-negative-int  $step  index in the ladder
     * @param  float  $beyond  covariates by which it is harder than that step, summed over its details; negative below the first step
     */
    public function __construct(public int $step, public Exposure $exposure, public float $beyond = 0.0)
    {
    }

    public function equals(self $other): bool
    {
        return $this->step === $other->step && $this->exposure->equals($other->exposure);
    }

    /** Farther up the way of the ladder, whatever the model makes of it. */
    public function isHarderThan(self $other): bool
    {
        return ! $this->exposure->equals($other->exposure) && [$this->step, $this->beyond] > [$other->step, $other->beyond];
    }
}
