<?php

declare(strict_types=1);

namespace App\Engine;

use Core\Decision\SessionSummary;
use Core\Decision\WorkingPlan;
use Core\Response\DogModel;
use Core\Response\SessionEvidence;
use Core\Response\Spread;

/** A plan with what its log says until now. */
final readonly class PlanBasis
{
    /**
     * @param  list<SessionEvidence>  $evidence  oldest first
     * @param  list<SessionSummary>  $summaries
     */
    public function __construct(
        public WorkingPlan $plan, public array $evidence, public array $summaries, public ?\DateTimeImmutable $lastAt,
        public Spread $spread,
        public DogModel $model,
    ) {
    }
}
