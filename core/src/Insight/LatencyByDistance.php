<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Measure\Median;

/** How long a dog takes to turn, by how far the trigger is. */
final readonly class LatencyByDistance
{
    /** Halvings of distance to a class. */
    private const CLASS_WIDTH = 0.5;

    /** Trials that a class needs to be told. */
    private const MIN_IN_CLASS = 3;

    /**
     * @param  list<array{float, float}>  $trials  distance in meters and latency in seconds
     * @return list<array{from: float, to: float, median: float, trials: int}> classes from so many meters to under so many, farthest first
     */
    public static function of(array $trials): array
    {
        $classes = [];
        foreach ($trials as [$meters, $seconds]) {
            if ($meters > 0.0) {
                $classes[(int) floor(log($meters, 2.0) / self::CLASS_WIDTH)][] = $seconds;
            }
        }
        krsort($classes);
        $told = [];
        foreach ($classes as $class => $seconds) {
            if (count($seconds) >= self::MIN_IN_CLASS) {
                $told[] = [
                    'from' => 2.0 ** ($class * self::CLASS_WIDTH), 'to' => 2.0 ** (($class + 1) * self::CLASS_WIDTH),
                    'median' => Median::of($seconds), 'trials' => count($seconds),
                ];
            }
        }

        return $told;
    }
}
