<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\SessionSummary;
use Core\Decision\WorkingPlan;
use Core\Exposure\LoadScale;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Response\Spread;

/** What of a situation comes before today: the plan, and all that earlier sessions left. */
final class EarlierRead
{
    /** @var array<string, Spread> by the dimensions in play */
    private array $spreads = [];

    /**
     * @param  string  $print  fingerprint of what it was read from
     * @param  SessionDocument  $sessions  that reads today as well
     * @param  list<array{severity: float, at: \DateTimeImmutable}>  $events
     * @param  list<SessionEvidence>  $evidence  oldest first
     * @param  list<SessionSummary>  $summaries  the same
     * @param  ?\DateTimeImmutable  $lastAt  the day of the last one; null where there is none
     */
    public function __construct(
        public readonly string $print, public readonly PlanDocument $plan, public readonly WorkingPlan $working,
        public readonly SessionDocument $sessions, public readonly array $events, public readonly array $evidence,
        public readonly array $summaries, public readonly ?\DateTimeImmutable $lastAt,
    ) {
    }

    public function spread(LoadScale $scale, ModelBuilder $builder): Spread
    {
        return $this->spreads[implode(' ', $scale->keys())] ??= $this->working->builder($builder)->spread(
            $scale, $this->working->isReferenceStated, $this->working->fineAt, $this->evidence,
        );
    }
}
