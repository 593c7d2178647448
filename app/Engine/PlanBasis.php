<?php

declare(strict_types=1);

namespace App\Engine;

use Core\Decision\SessionSummary;
use Core\Decision\WorkingPlan;
use Core\Response\DogModel;
use Core\Response\SessionEvidence;

/** A plan with what its log says until now. */
final readonly class PlanBasis
{
    /**
     * @param  list<SessionEvidence>  $evidence  oldest first
     * @param  list<SessionSummary>  $summaries
     * @param  float  $daySd  in logits
     */
    public function __construct(
        public WorkingPlan $plan, public array $evidence, public array $summaries, public ?\DateTimeImmutable $lastAt, public float $daySd,
        public DogModel $model,
    ) {
    }
}
