<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\Exposure;
use Core\Ladder\Ladder;

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

    /** A step of a ladder: the nearest to an index that is off it. */
    public static function ofStep(Ladder $ladder, int $index): self
    {
        $step = max(0, min($ladder->top(), $index));

        return new self($step, $ladder->step($step)->exposure);
    }

    /** The same for equal levels. */
    public function key(): string
    {
        return "{$this->step} {$this->exposure->key()}";
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
