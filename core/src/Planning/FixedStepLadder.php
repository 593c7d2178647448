<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Exception\InvalidExposure;
use Core\Measure\Distance;

/**
 * The same yard or meter each time, for contrast: nothing at fifty, a fifth of the way at five.
 */
final readonly class FixedStepLadder
{
    /** More than anyone walks; the rest of an absurd ladder is not told. */
    private const MAX_STEPS = 1000;

    /**
     * @param  Distance  $step  how much nearer each time
     * @return non-empty-list<Distance> start first, goal last
     *
     * @throws InvalidExposure if the goal is not nearer than the start
     */
    public static function between(Distance $start, Distance $goal, Distance $step): array
    {
        if ($goal->meters >= $start->meters) {
            throw InvalidExposure::goalNotHarder();
        }
        $distances = [$start];
        for ($i = 1; $i < self::MAX_STEPS && $start->meters - $i * $step->meters > $goal->meters + 1e-9; $i++) {
            $distances[] = Distance::fromMeters($start->meters - $i * $step->meters);
        }
        $distances[] = $goal;

        return $distances;
    }
}
