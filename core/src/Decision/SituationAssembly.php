<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Response\Spread;
use Core\Response\WarmStart;
use Core\Sign\SignCatalog;

/** Puts together what a decision looks at, from a plan, what earlier sessions left, and today. The only place that does. */
final readonly class SituationAssembly
{
    public function __construct(private ModelBuilder $builder, private SignCatalog $signs)
    {
    }

    /**
     * @param  list<SessionEvidence>  $earlier  oldest first
     * @param  ?WarmStart  $start  where an earlier fit ended
     * @param  ?Spread  $spread  as settled by the session's first advice; null to work it out
     */
    public function situation(
        WorkingPlan $plan, History $history, SessionLog $log, array $earlier, \DateTimeImmutable $now, ?WarmStart $start = null,
        ?Spread $spread = null,
    ): Situation {
        return new Situation(
            $plan->catalog, $this->signs, $plan->ladder, $plan->settings, $history, $log,
            $this->model($plan, $earlier, $log->evidence(), $start, $spread), $now, $plan->told,
        );
    }

    /**
     * @param  list<SessionEvidence>  $earlier  oldest first
     * @return ?DogModel null where no fit converged
     */
    public function model(
        WorkingPlan $plan, array $earlier, SessionEvidence $today, ?WarmStart $start = null, ?Spread $spread = null,
    ): ?DogModel {
        $scale = $plan->scale([...$earlier, $today]);

        return $plan->builder($this->builder)->build(
            $scale, $plan->isReferenceStated, $plan->fineAt, $earlier, $today, $start?->for($scale), $spread,
        );
    }
}
