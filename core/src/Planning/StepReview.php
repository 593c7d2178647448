<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Decision\Reason;
use Core\Ladder\Step;
use Core\Measure\Probability;
use Core\Response\Risk;

/** One step of a ladder as the model sees it before it is walked. */
final readonly class StepReview
{
    /**
     * @param  float  $load  in logits
     * @param  ?float  $rise  in load over what is mastered before it; null for the first
     * @param  Probability  $planned  risk of strain or worse once the steps before are mastered
     * @param  Risk  $today  as it would be today, before any trial
     * @param  list<string>  $raised  keys of the dimensions that are harder than in the step before
     * @param  list<Reason>  $flags  what to look at again
     */
    public function __construct(
        public Step $step, public float $load, public ?float $rise, public Probability $planned, public Risk $today, public array $raised,
        public array $flags,
    ) {
    }
}
