<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\Exposure;

/** Trials of one session at one exposure, counted by band. */
final readonly class EvidenceRow
{
    /**
     * @param  bool  $afterReaction  trials after a reaction have an offset of their own
     * @param  array{int, int, int, int, int}  $counts  trials in bands 0 to 4
     */
    public function __construct(public Exposure $exposure, public bool $afterReaction, public array $counts)
    {
    }

    /** Those that taught the dog something: easy, noticed or with effort. */
    public function calmTrials(): int
    {
        return $this->counts[0] + $this->counts[1] + $this->counts[2];
    }

    public function trials(): int
    {
        return array_sum($this->counts);
    }
}
