<?php

declare(strict_types=1);

namespace Core\Worth;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/**
 * What "r successes in a row" is worth: how soon a dog of a given true success rate shows such a run.
 *
 * @see Feller, W. An Introduction to Probability Theory and Its Applications, vol. 1, XIII.7 (success runs).
 */
final readonly class RunChance implements AdvanceChance
{
    /** @param  positive-int  $length */
    private function __construct(public int $length)
    {
    }

    /** @throws InvalidMeasure if the run is not 1 to 20 */
    public static function ofLength(int $length): self
    {
        return $length >= 1 && $length <= 20 ? new self($length) : throw InvalidMeasure::outOfRange(Quantity::Run, $length, 1, 20);
    }

    /**
     * Chance of at least one such run within n trials, by recursion over the length of the run at hand.
     *
     * @throws InvalidMeasure if the rate is not 0 to 1 or there are more than 10,000 trials
     */
    public function within(int $trials, float $successRate): float
    {
        Checks::rate($successRate);
        Checks::trials($trials);
        // chance of standing at a run of 0 … r − 1 without having shown the whole one
        $standing = array_fill(0, $this->length, 0.0);
        $standing[0] = 1.0;
        $shown = 0.0;
        for ($i = 0; $i < $trials; $i++) {
            $next = array_fill(0, $this->length, 0.0);
            $next[0] = (1.0 - $successRate) * array_sum($standing);
            for ($run = 1; $run < $this->length; $run++) {
                $next[$run] = $successRate * $standing[$run - 1];
            }
            $shown += $successRate * $standing[$this->length - 1];
            $standing = $next;
        }

        return $shown;
    }

    /**
     * Expected trials until the run is complete, (1 − p^r) / ((1 − p)·p^r); r for p = 1, null for p = 0: never.
     *
     * @throws InvalidMeasure if the rate is not 0 to 1
     */
    public function expectedTrials(float $successRate): ?float
    {
        Checks::rate($successRate);

        return match (true) {
            $successRate === 0.0 => null,
            $successRate === 1.0 => (float) $this->length,
            default => (1.0 - $successRate ** $this->length) / ((1.0 - $successRate) * $successRate ** $this->length),
        };
    }
}
