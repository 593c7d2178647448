<?php

declare(strict_types=1);

namespace App\Assessment;

use Core\Exposure\Exposure;
use Core\Sign\Band;
use Core\Sign\Grading;

/** One thing tried in an assessment: where, the two tests, and how the dog took it. */
final readonly class ObservationReader
{
    /**
     * @param  ?bool  $cue  whether a well-known cue was done at the first asking; null if it was not asked
     * @param  ?string  $food  gently, hard or refused; null if none was offered
     */
    private function __construct(public Exposure $exposure, public ?bool $cue, public ?string $food, public Band $band)
    {
    }

    /**
     * @param  ?Band  $seen  as the observer graded it; failing a test says more all the same
     */
    public static function of(Exposure $exposure, ?bool $cue, ?string $food, ?Band $seen, Grading $grading): self
    {
        $signs = array_filter([$cue === false ? 'cue.fail' : null, match ($food) {
            'hard' => 'eat.hard',
            'refused' => 'eat.refuse',
            default => null,
        }]);
        $tested = $grading->propose(array_values($signs));

        return new self($exposure, $cue, $food, $seen === null || $tested->atLeast($seen) ? $tested : $seen);
    }

    /** Under threshold: the cue at the first asking, food taken easily, and no more than noticing it. */
    public function isFine(): bool
    {
        return ! $this->band->atLeast(Band::Effort);
    }
}
