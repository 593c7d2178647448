<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\Situation;
use Core\Decision\WorkingPlan;
use Core\Exposure\LoadScale;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;

/** A situation with what its model was built from, for commands that look at the model from several sides. */
final readonly class SituationRead
{
    /** @param  list<SessionEvidence>  $sessions  earlier ones, oldest first */
    public function __construct(
        public Situation $situation,
        public PlanDocument $document,
        public WorkingPlan $plan,
        public ModelBuilder $builder,
        public LoadScale $scale,
        public array $sessions,
    ) {
    }

    /** @throws InputProblem if no model could be fitted */
    public function model(): DogModel
    {
        return $this->situation->model ?? throw InputProblem::at('/sessions', 'No model could be fitted to these trials.');
    }

    /** The same trials through another builder. */
    public function modelBy(ModelBuilder $builder): ?DogModel
    {
        return $builder->build(
            $this->scale, $this->plan->isReferenceStated, $this->plan->fineAt, $this->sessions, $this->situation->log->evidence(),
        );
    }
}
