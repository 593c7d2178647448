<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exception\InvalidMeasure;

/** What must be seen at a step before the next one is tried. */
final readonly class Criterion
{
    /**
     * @param  positive-int  $runLength  successes in a row
     * @param  bool  $isNewBehavior  whether its first ever success ends the session with five pieces
     */
    private function __construct(public int $runLength, public bool $isNewBehavior)
    {
    }

    /** @throws InvalidMeasure if the run is not 1 to 20 */
    public static function run(int $length, bool $isNewBehavior = false): self
    {
        if ($length < 1 || $length > 20) {
            throw InvalidMeasure::outOfRange('The run', $length, 1, 20, 'in a row');
        }

        return new self($length, $isNewBehavior);
    }
}
