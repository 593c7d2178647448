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

    public function trials(): int
    {
        return array_sum($this->counts);
    }
}
