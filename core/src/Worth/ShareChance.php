<?php

declare(strict_types=1);

namespace Core\Worth;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/**
 * What "k of the last n trials" is worth, exactly: a Markov chain over the last n − 1 outcomes.
 *
 * The window must be full: the criterion cannot be met before n trials.
 */
final readonly class ShareChance implements AdvanceChance
{
    /** Trials after which an expectation is cut off; a chance of less than 1e-9 is left. */
    private const MAX_TRIALS = 10_000;

    /**
     * @param  positive-int  $successes  k
     * @param  positive-int  $of  n
     */
    private function __construct(public int $successes, public int $of)
    {
    }

    /** @throws InvalidMeasure if the window is not 2 to 12 trials, or k not 1 to n */
    public static function of(int $successes, int $of): self
    {
        if ($of < 2 || $of > 12) {
            throw InvalidMeasure::outOfRange(Quantity::Window, $of, 2, 12);
        }

        return $successes >= 1 && $successes <= $of
            ? new self($successes, $of)
            : throw InvalidMeasure::outOfRange(Quantity::SuccessesAsked, $successes, 1, $of);
    }

    public function within(int $trials, float $successRate): float
    {
        Checks::rate($successRate);
        Checks::trials($trials);

        return 1.0 - array_sum($this->notYet($successRate, $trials)[0]);
    }

    /** Σ over n of the chance that it is not yet met after n trials. */
    public function expectedTrials(float $successRate): ?float
    {
        Checks::rate($successRate);
        if ($successRate === 0.0) {
            return null;
        }
        [$left, $expected] = $this->notYet($successRate, self::MAX_TRIALS);

        return array_sum($left) > 1e-6 ? null : $expected;
    }

    /**
     * @return array{array<int, float>, float} chance by the last n − 1 outcomes (newest in the lowest bit) that it is not yet met, and the
     *    trials expected so far
     */
    private function notYet(float $rate, int $trials): array
    {
        $mask = (1 << ($this->of - 1)) - 1;
        $states = [0 => 1.0];
        $expected = 0.0;
        for ($i = 1; $i <= $trials; $i++) {
            $expected += array_sum($states);
            $next = [];
            foreach ($states as $state => $chance) {
                foreach ([[1, $rate], [0, 1.0 - $rate]] as [$outcome, $step]) {
                    $window = ($state << 1) | $outcome;
                    $isMet = $i >= $this->of && substr_count(decbin($window), '1') >= $this->successes;
                    if (! $isMet && $step > 0.0) {
                        $next[$window & $mask] = ($next[$window & $mask] ?? 0.0) + $chance * $step;
                    }
                }
            }
            $states = $next;
            if (array_sum($states) < 1e-9) {
                break;
            }
        }

        return [$states, $expected];
    }
}
