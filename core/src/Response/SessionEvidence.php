<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\Exposure;
use Core\Sign\Band;

/** What one session tells the model. */
final readonly class SessionEvidence
{
    /**
     * @param  list<EvidenceRow>  $rows
     * @param  float  $upset  points of upset carried over into the session, 0 or more
     * @param  float  $stricter  bands by which whoever graded it is known to grade harder than graders settle on; under 0 for milder
     */
    public function __construct(
        public \DateTimeImmutable $startedAt, public array $rows, public float $upset = 0.0, public float $stricter = 0.0,
    ) {
    }

    /**
     * Counts single trials; equal exposures fall together, so the order within the session does not matter.
     *
     * @param  iterable<array{exposure: Exposure, band: Band, afterReaction: bool}>  $trials
     */
    public static function ofTrials(
        \DateTimeImmutable $startedAt, iterable $trials, float $upset = 0.0, float $stricter = 0.0,
    ): self {
        $exposures = $after = $counts = [];
        foreach ($trials as $trial) {
            $key = ($trial['afterReaction'] ? 'after;' : '').$trial['exposure']->key();
            $exposures[$key] = $trial['exposure'];
            $after[$key] = $trial['afterReaction'];
            $counts[$key] ??= [0, 0, 0, 0, 0];
            $counts[$key][$trial['band']->value]++;
        }
        ksort($exposures);
        $rows = [];
        foreach ($exposures as $key => $exposure) {
            $rows[] = new EvidenceRow($exposure, $after[$key], $counts[$key]);
        }

        return new self($startedAt, $rows, $upset, $stricter);
    }

    public function withoutUpset(): self
    {
        return new self($this->startedAt, $this->rows, 0.0, $this->stricter);
    }

    public function calmTrials(): int
    {
        return array_sum(array_map(static fn (EvidenceRow $row): int => $row->calmTrials(), $this->rows));
    }

    public function trials(): int
    {
        return array_sum(array_map(static fn (EvidenceRow $row): int => $row->trials(), $this->rows));
    }
}
