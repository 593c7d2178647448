<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Plan;
use Core\Decision\RuleSettings;
use Core\Exposure\Exposure;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Response\RiskLimits;

/** Reads a plan with its steps for the core. */
final class PlanReader
{
    /** @var array<string, PlanInCore> read in this request, by plan */
    private array $read = [];

    public function __construct(private readonly DogCatalogs $catalogs, private readonly StepReader $steps)
    {
    }

    public function read(Plan $plan): PlanInCore
    {
        return $this->read["{$plan->id} {$plan->updated_at?->getTimestamp()}"] ??= $this->fromDatabase($plan);
    }

    /** A plan was changed in this request. */
    public function forget(): void
    {
        $this->read = [];
    }

    private function fromDatabase(Plan $plan): PlanInCore
    {
        $model = $plan->responseModel;
        $room = $plan->place?->room_meters;
        $catalog = $this->catalogs->of($model);
        $steps = $this->steps->ofPlan($plan->id, $catalog);

        return new PlanInCore(
            Ladder::of(array_values($steps)),
            RuleSettings::of(
                RiskLimits::of($plan->strain_limit, $plan->reaction_limit), $plan->most_advances, $plan->set_minutes, $plan->session_minutes, $plan->most_trials,
                $room === null ? null : Distance::fromMeters($room), $plan->easy_after,
            ),
            array_keys($steps),
            Distance::fromMeters($model->reference_meters),
            $model->reference_stated,
            $model->fine_at_meters === null ? null : Exposure::of(['distance' => $model->fine_at_meters], $catalog),
            $catalog,
            $model->reacts_to === null ? null : Exposure::of($model->reacts_to, $catalog),
        );
    }
}
