<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\Situation;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;

/** A situation with what its model was built from, for commands that look at the model from several sides. */
final readonly class SituationRead
{
    /**
     * @param  list<SessionEvidence>  $sessions  earlier ones, oldest first
     * @param  \Closure(ModelBuilder): ?DogModel  $build  the same trials through another builder
     */
    public function __construct(
        public Situation $situation,
        public PlanDocument $plan,
        public ModelBuilder $builder,
        public LoadScale $scale,
        public bool $isReferenceStated,
        public ?Exposure $fineAt,
        public array $sessions,
        private \Closure $build,
    ) {
    }

    /** @throws InputProblem if no model could be fitted */
    public function model(): DogModel
    {
        return $this->situation->model ?? throw InputProblem::at('/sessions', 'No model could be fitted to these trials.');
    }

    public function modelBy(ModelBuilder $builder): ?DogModel
    {
        return ($this->build)($builder);
    }
}
