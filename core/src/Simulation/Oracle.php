<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Exposure\Exposure;
use Core\Measure\Distance;
use Core\Sign\Band;
use Core\Sign\OutcomeEffect;

/**
 * Knows the dog and its day, and stands where the chance of going over is always the same: the limit of what any advice can do.
 */
final class Oracle implements Policy
{
    private const RUN = 5;

    private int $run = 0;

    private bool $hasArrived = false;

    /**
     * @param  Exposure  $template  all but the distance
     * @param  float  $chance  of going over in one trial
     */
    public function __construct(
        private readonly SimulatedDog $dog,
        private readonly Exposure $template,
        private readonly Distance $room,
        private readonly Distance $goal,
        private readonly float $chance,
    ) {
    }

    public function tested(array $tests, \DateTimeImmutable $at): void
    {
        // there is nothing to learn
    }

    public function begin(\DateTimeImmutable $at): ?Exposure
    {
        $this->run = 0;

        return $this->exposure();
    }

    public function after(Exposure $shown, SimulatedResponse $response, \DateTimeImmutable $at): ?Exposure
    {
        if ($response->band === Band::Over) {
            return null;
        }
        $isAtGoal = ($shown->distance()->meters ?? INF) <= $this->goal->meters + 1e-6;
        $isGood = $response->outcome->effect() === OutcomeEffect::Success && $response->band->isBelowThreshold();
        $this->run = $isAtGoal && $isGood ? $this->run + 1 : 0;
        $this->hasArrived = $this->hasArrived || $this->run >= self::RUN;

        return $this->hasArrived ? null : $this->exposure();
    }

    public function hasArrived(): bool
    {
        return $this->hasArrived;
    }

    /** Null where the room is too small for this dog today: it goes home. */
    private function exposure(): ?Exposure
    {
        $meters = max($this->goal->meters, $this->dog->metersAt($this->chance, $this->template));

        return $meters > $this->room->meters ? null : $this->template->withDistance(Distance::fromMeters($meters));
    }
}
