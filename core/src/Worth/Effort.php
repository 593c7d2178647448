<?php

declare(strict_types=1);

namespace Core\Worth;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** What a ladder costs under a criterion: trials, outings and weeks, as a plain expectation without setbacks. */
final readonly class Effort
{
    private function __construct(public float $trials, public int $outings, public float $weeks)
    {
    }

    /**
     * @param  int  $steps  of the ladder
     * @param  int  $trialsAnOuting  what the place supplies: passers-by an hour × hours, or what the dog has energy for
     * @param  int  $mostAdvances  steps in one outing
     * @return ?self null if a step would never be passed
     *
     * @throws InvalidMeasure if a number is out of its range
     */
    public static function of(
        AdvanceChance $rule, float $successRate, int $steps, int $trialsAnOuting, int $mostAdvances, float $outingsAWeek,
    ): ?self {
        foreach ([[Quantity::Steps, $steps, 500], [Quantity::TrialsPerOuting, $trialsAnOuting, 500], [
            Quantity::AdvancesPerOuting, $mostAdvances, 20,
        ]] as [$quantity, $value, $most]) {
            if ($value < 1 || $value > $most) {
                throw InvalidMeasure::outOfRange($quantity, $value, 1, $most);
            }
        }
        if (! ($outingsAWeek >= 0.1 && $outingsAWeek <= 50.0)) {
            throw InvalidMeasure::outOfRange(Quantity::OutingsPerWeek, $outingsAWeek, 0.1, 50);
        }
        $each = $rule->expectedTrials($successRate);
        if ($each === null) {
            return null;
        }
        $trials = $steps * $each;
        $outings = (int) max(ceil($trials / $trialsAnOuting - 1e-9), ceil($steps / $mostAdvances));

        return new self($trials, $outings, $outings / $outingsAWeek);
    }
}
