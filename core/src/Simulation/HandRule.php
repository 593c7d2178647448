<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Exposure\Exposure;
use Core\Measure\Distance;
use Core\Sign\Band;
use Core\Sign\OutcomeEffect;

/**
 * What a good trainer does by hand (common practice): nearer by a share after a run of unprompted returns, at most three
 * times a session; farther after strain, the end after a reaction; the next session starts two steps back.
 */
final class HandRule implements Policy
{
    private const RUN = 5;

    private float $meters;

    private float $held;

    private int $run = 0;

    private int $advances = 0;

    private bool $reacted = false;

    private bool $hasArrived = false;

    /**
     * @param  Exposure  $template  all but the distance
     * @param  float  $ratio  of one step nearer, under 1
     */
    public function __construct(
        private readonly Exposure $template,
        private readonly Distance $start,
        private readonly Distance $goal,
        private readonly float $ratio = 0.85,
        private readonly int $mostAdvances = 3,
    ) {
        $this->meters = $this->held = $start->meters;
    }

    public function tested(array $tests, \DateTimeImmutable $at): void
    {
        foreach ($tests as $test) {
            if ($test['response']->band->isBelowThreshold()) {
                $this->meters = $this->held = min($this->start->meters, $test['exposure']->distance()->meters ?? INF);
            }
        }
    }

    public function begin(\DateTimeImmutable $at): Exposure
    {
        $back = $this->reacted ? 4 : 1;
        $this->meters = min($this->start->meters, $this->held / $this->ratio ** $back);
        [$this->run, $this->advances, $this->reacted] = [0, 0, false];

        return $this->exposure();
    }

    public function after(Exposure $shown, SimulatedResponse $response, \DateTimeImmutable $at): ?Exposure
    {
        if ($response->band === Band::Over) {
            $this->reacted = true;
            $this->held = min($this->start->meters, $this->held / $this->ratio ** 2);

            return null;
        }
        if ($response->band === Band::Strain) {
            $this->run = 0;
            $this->meters = min($this->start->meters, $this->meters / $this->ratio);

            return $this->exposure();
        }
        $success = $response->outcome->effect() === OutcomeEffect::Success && $response->band->isBelowThreshold();
        $this->run = $success ? $this->run + 1 : 0;
        if ($this->run < self::RUN) {
            return $this->exposure();
        }
        $this->held = min($this->held, $this->meters);
        if ($this->meters <= $this->goal->meters * 1.001) {
            $this->hasArrived = true;

            return null;
        }
        if ($this->advances >= $this->mostAdvances) {
            return null;
        }
        $this->advances++;
        $this->run = 0;
        $this->meters = max($this->goal->meters, $this->meters * $this->ratio);

        return $this->exposure();
    }

    public function hasArrived(): bool
    {
        return $this->hasArrived;
    }

    private function exposure(): Exposure
    {
        return $this->template->withDistance(Distance::fromMeters($this->meters));
    }
}
