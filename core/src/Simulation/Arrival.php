<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Exposure\Exposure;
use Core\Measure\Distance;
use Core\Sign\OutcomeEffect;

/** Whether a dog has held the goal: five calm, unprompted returns in a row there, in one session. */
final class Arrival
{
    private const RUN = 5;

    private int $run = 0;

    private bool $isHeld = false;

    public function __construct(private readonly Distance $goal)
    {
    }

    public function begin(): void
    {
        $this->run = 0;
    }

    public function after(Exposure $shown, SimulatedResponse $response): bool
    {
        $isThere = ($shown->distance()->meters ?? INF) <= $this->goal->meters + 1e-6;
        $isGood = $response->outcome->effect() === OutcomeEffect::Success && $response->band->isBelowThreshold();
        $this->run = $isThere && $isGood ? $this->run + 1 : 0;

        return $this->isHeld = $this->isHeld || $this->run >= self::RUN;
    }

    public function isHeld(): bool
    {
        return $this->isHeld;
    }
}
