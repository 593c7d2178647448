<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Exposure\Exposure;

/** Decides what a simulated dog is shown: a hand rule, or the engine. One object works with one dog. */
interface Policy
{
    /**
     * What a test before the first session showed, from far to near.
     *
     * @param  non-empty-list<array{exposure: Exposure, response: SimulatedResponse}>  $tests
     */
    public function tested(array $tests, \DateTimeImmutable $at): void;

    /** The first exposure of a session; null if there is none today. */
    public function begin(\DateTimeImmutable $at): ?Exposure;

    /** After a trial: the next exposure, or null to end the session. */
    public function after(Exposure $shown, SimulatedResponse $response, \DateTimeImmutable $at): ?Exposure;

    /** Whether the goal was held: five calm, unprompted returns in a row at it. */
    public function hasArrived(): bool;
}
