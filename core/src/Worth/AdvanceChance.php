<?php

declare(strict_types=1);

namespace Core\Worth;

use Core\Exception\InvalidMeasure;

/** What a criterion is worth: how soon a dog of a given true success rate meets it. Its graph over rates is the operating curve. */
interface AdvanceChance
{
    /**
     * Chance of meeting the criterion within so many trials.
     *
     * @throws InvalidMeasure if the rate is not 0 to 1 or there are more than 10,000 trials
     */
    public function within(int $trials, float $successRate): float;

    /**
     * Expected trials until it is met; null if it never is.
     *
     * @throws InvalidMeasure if the rate is not 0 to 1
     */
    public function expectedTrials(float $successRate): ?float;
}
