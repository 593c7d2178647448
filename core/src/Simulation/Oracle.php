<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Exposure\Exposure;
use Core\Measure\Distance;
use Core\Sign\Band;

/**
 * Knows the dog and its day, and stands where the chance of going over is always the same: the limit of what any advice can do.
 */
final class Oracle implements Policy
{
    private readonly Arrival $arrival;

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
        $this->arrival = new Arrival($goal);
    }

    public function tested(array $tests, \DateTimeImmutable $at): void
    {
        // there is nothing to learn
    }

    public function begin(\DateTimeImmutable $at): ?Exposure
    {
        $this->arrival->begin();

        return $this->exposure();
    }

    public function after(Exposure $shown, SimulatedResponse $response, \DateTimeImmutable $at): ?Exposure
    {
        return $response->band === Band::Over || $this->arrival->after($shown, $response) ? null : $this->exposure();
    }

    public function hasArrived(): bool
    {
        return $this->arrival->isHeld();
    }

    /** Null where the room is too small for this dog today: it goes home. */
    private function exposure(): ?Exposure
    {
        $meters = max($this->goal->meters, $this->dog->metersAt($this->chance, $this->template));

        return $meters > $this->room->meters ? null : $this->template->withDistance(Distance::fromMeters($meters));
    }
}
