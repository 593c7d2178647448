<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Decision\RuleSettings;
use Core\Decision\WorkingPlan;
use Core\Exception\InvalidMeasure;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Response\RiskCaps;

/** What is asked about a plan: null leaves it as it is. */
final readonly class PlanChange
{
    /**
     * @param  ?int  $trials  in one outing, 5 to 200
     * @param  ?float  $outings  a week
     * @param  ?int  $run  good ones in a row before the next step, 1 to 20
     * @param  ?RiskCaps  $caps  of risk in one trial
     */
    public function __construct(
        public ?int $trials = null, public ?float $outings = null, public ?int $run = null, public ?RiskCaps $caps = null,
    ) {
    }

    /** @throws InvalidMeasure if a value is out of its range */
    public function of(WorkingPlan $plan): WorkingPlan
    {
        $settings = $plan->settings;
        $run = $this->run;

        return new WorkingPlan(
            $run === null ? $plan->ladder : Ladder::of(array_map(static fn (Step $step): Step => new Step(
                $step->exposure, Criterion::run($run, $step->criterion->isNewBehavior), $step->manner,
            ), $plan->ladder->steps)),
            RuleSettings::of(
                $this->caps ?? $settings->caps, $settings->mostAdvances, $settings->setMinutes, $settings->sessionMinutes,
                $this->trials ?? $settings->mostTrials, $settings->room, $settings->easyAfter, $settings->isByStrangers, $settings->choices,
            ),
            $plan->reference, $plan->isReferenceStated, $plan->fineAt, $plan->catalog, $plan->reactsTo, $plan->told,
        );
    }
}
