<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Sign\Band;

/** Works a policy with one dog, session by session, until it arrives or the sessions run out, and counts. */
final class Course
{
    public int $sessions = 0;

    public int $trials = 0;

    /** Trials over threshold (band 4), as they really were. */
    public int $reactions = 0;

    public int $strains = 0;

    private function __construct(public bool $hasArrived = false)
    {
    }

    /**
     * @param  positive-int  $mostSessions
     * @param  positive-int  $mostTrials  in one session, whatever the policy wishes
     */
    public static function run(SimulatedDog $dog, Policy $policy, int $mostSessions = 40, int $mostTrials = 60): self
    {
        $course = new self;
        $day = new \DateTimeImmutable('2026-01-05 09:00 UTC');
        for ($session = 0; $session < $mostSessions && ! $policy->hasArrived(); $session++) {
            $dog->wake();
            $at = $day->modify('+'.(2 * $session).' days');
            $exposure = $policy->begin($at);
            $course->sessions++;
            for ($trial = 0; $trial < $mostTrials && $exposure !== null; $trial++) {
                $at = $at->modify('+20 seconds');
                $band = $dog->meet($exposure);
                $course->trials++;
                $course->reactions += $band === Band::Over ? 1 : 0;
                $course->strains += $band === Band::Strain ? 1 : 0;
                $exposure = $policy->after($exposure, SimulatedResponse::to($dog->seen($band), $dog->uniform(), $dog->uniform()), $at);
            }
        }
        $course->hasArrived = $policy->hasArrived();

        return $course;
    }
}
