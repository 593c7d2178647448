<?php

declare(strict_types=1);

namespace App\Advice;

use App\Models\Plan;
use App\Models\Step;
use Core\Decision\RuleSettings;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step as CoreStep;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Response\RiskLimits;

/** Reads a plan with its steps for the core. */
final class PlanReader
{
    /** @var array<string, PlanInCore> read in this request, by plan and unit */
    private array $read = [];

    public function __construct(private readonly CoreCatalogs $catalogs, private readonly ExposureColumns $columns)
    {
    }

    public function read(Plan $plan, DistanceUnit $unit): PlanInCore
    {
        return $this->read["{$plan->id} {$unit->value} {$plan->updated_at?->getTimestamp()}"] ??= $this->fromDatabase($plan, $unit);
    }

    private function fromDatabase(Plan $plan, DistanceUnit $unit): PlanInCore
    {
        $model = $plan->responseModel;
        $room = $plan->place?->room_meters;
        $steps = $ids = [];
        $rows = Step::query()->toBase()->join('step_exposures', 'step_exposures.step_id', '=', 'steps.id')
            ->where('plan_id', $plan->id)->groupBy('steps.id', 'position', 'run_length', 'is_new_behavior')->orderBy('position')
            ->selectRaw("steps.id, run_length, is_new_behavior, GROUP_CONCAT(dimension, '=', COALESCE(choice, number) SEPARATOR ';') AS exposure")->get();
        foreach ($rows as $row) {
            $steps[] = new CoreStep($this->columns->fromText((string) $row->exposure), Criterion::run((int) $row->run_length, (bool) $row->is_new_behavior));
            $ids[] = (int) $row->id;
        }

        return new PlanInCore(
            Ladder::of($steps),
            RuleSettings::of(
                RiskLimits::of($plan->strain_limit, $plan->reaction_limit), $plan->most_advances, $plan->set_minutes, $plan->session_minutes, $plan->most_trials,
                $room === null ? null : Distance::fromMeters($room), $unit,
            ),
            $ids,
            Distance::fromMeters($model->reference_meters),
            $model->reference_stated,
            $model->fine_at_meters === null ? null : Exposure::of(['distance' => $model->fine_at_meters], $this->catalogs->dimensions),
        );
    }
}
