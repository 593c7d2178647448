<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Exposure\Exposure;
use Core\Response\RiskCaps;
use Core\Sign\Band;

/** Works a policy with one dog, session by session, until it arrives or the sessions run out, and counts. */
final class Course
{
    public int $sessions = 0;

    public int $trials = 0;

    /** Trials over threshold (band 4), as they really were. */
    public int $reactions = 0;

    public int $strains = 0;

    /** Answers that asked for less after a calm trial. */
    public int $easesAfterCalm = 0;

    /** Trials clearly farther away than what was solid before the session. */
    public int $belowSolid = 0;

    /** First start, as a share of the farthest distance that passed the test; 1 where none did. */
    public float $start = 1.0;

    /** Session starts at which a range of the limit was told, and at how many its near and its far end held. */
    public int $ranges = 0;

    public int $nearHeld = 0;

    public int $farHeld = 0;

    /** @var list<array{float, bool}> what was told of each trial's strain, and whether it came */
    public array $strainTold = [];

    /** @var list<array{float, bool}> the same of going over */
    public array $overTold = [];

    private const RUN = 5;

    /** How much farther is clearly farther. */
    private const CLEARLY = 1.05;

    private function __construct(public bool $hasArrived = false)
    {
    }

    /**
     * @param  non-empty-list<Exposure>  $test  before the first session, from far to near; it stops at the first doubt
     * @param  RiskCaps  $caps  that a told limit is held to
     * @param  positive-int  $mostSessions
     * @param  positive-int  $mostTrials  in one session, whatever the policy wishes
     */
    public static function run(
        SimulatedDog $dog, Policy $policy, array $test, RiskCaps $caps, int $mostSessions = 40, int $mostTrials = 60,
    ): self {
        $course = new self;
        $day = new \DateTimeImmutable('2026-01-05 09:00 UTC');
        $farthest = self::test($dog, $policy, $test, $day->modify('-1 day'));
        $solids = [];
        for ($session = 0; $session < $mostSessions && ! $policy->hasArrived(); $session++) {
            $dog->wake();
            $at = $day->modify('+'.(2 * $session).' days');
            $exposure = $policy->begin($at);
            $course->sessions++;
            $course->hold($policy, $dog, $caps, $exposure);
            $course->start = $session === 0 && $farthest !== null ? self::meters($exposure) / $farthest : $course->start;
            $run = 0;
            $solid = $solids === [] ? INF : min($solids);
            for ($trial = 0; $trial < $mostTrials && $exposure !== null; $trial++) {
                $at = $at->modify('+20 seconds');
                $told = $policy instanceof Foretells ? $policy->risk() : null;
                $band = $dog->meet($exposure);
                if ($told !== null) {
                    $course->strainTold[] = [$told->strainMean->value, $band->atLeast(Band::Strain)];
                    $course->overTold[] = [$told->reactionMean->value, $band === Band::Over];
                }
                $meters = self::meters($exposure);
                $course->trials++;
                $course->reactions += $band === Band::Over ? 1 : 0;
                $course->strains += $band === Band::Strain ? 1 : 0;
                $course->belowSolid += $meters > self::CLEARLY * $solid ? 1 : 0;
                $response = SimulatedResponse::to($dog->seen($band), $dog->uniform(), $dog->uniform());
                $next = $policy->after($exposure, $response, $at);
                $isCalm = $response->band->isBelowThreshold();
                $course->easesAfterCalm += $isCalm && $next !== null && self::meters($next) > $meters + 1e-6 ? 1 : 0;
                $run = $isCalm && $next?->equals($exposure) === true ? $run + 1 : ($isCalm ? 1 : 0);
                if ($response->band->atLeast(Band::Strain)) {
                    $solids = array_values(array_filter($solids, static fn (float $of): bool => $of > $meters));
                } elseif ($run >= self::RUN) {
                    $solids[] = $meters;
                }
                $exposure = $next;
            }
        }
        $course->hasArrived = $policy->hasArrived();

        return $course;
    }

    /** Whether a range that is told at a session's start holds today's limit. */
    private function hold(Policy $policy, SimulatedDog $dog, RiskCaps $caps, ?Exposure $exposure): void
    {
        $told = $policy instanceof Foretells ? $policy->limit() : null;
        if ($told === null || $exposure === null) {
            return;
        }
        $limit = $dog->limit($caps, $exposure);
        $this->ranges++;
        $this->nearHeld += $limit >= $told->nearest->meters ? 1 : 0;
        $this->farHeld += $told->farthest === null || $limit <= $told->farthest->meters ? 1 : 0;
    }

    /**
     * @param  non-empty-list<Exposure>  $test
     * @return ?float meters of the farthest that passed
     */
    private static function test(SimulatedDog $dog, Policy $policy, array $test, \DateTimeImmutable $at): ?float
    {
        $dog->wake();
        $results = [];
        foreach ($test as $exposure) {
            $band = $dog->seen($dog->meet($exposure));
            $results[] = ['exposure' => $exposure, 'response' => SimulatedResponse::to($band, $dog->uniform(), $dog->uniform())];
            if (! $band->isBelowThreshold()) {
                break;
            }
        }
        $policy->tested($results, $at);

        return $results[0]['response']->band->isBelowThreshold() ? self::meters($test[0]) : null;
    }

    private static function meters(?Exposure $exposure): float
    {
        return $exposure?->distance()->meters ?? 0.0;
    }
}
