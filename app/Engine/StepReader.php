<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Step as StepRow;
use Core\Exposure\DimensionCatalog;
use Core\Ladder\Criterion;
use Core\Ladder\DogPosture;
use Core\Ladder\FoodTiming;
use Core\Ladder\HandledBy;
use Core\Ladder\Manner;
use Core\Ladder\Step;

/** Reads the steps of a plan that are in use. One query: this runs after every trial. */
final readonly class StepReader
{
    /** @return array<int, Step> by id, in their order */
    public function ofPlan(int $planId, DimensionCatalog $catalog): array
    {
        $rows = StepRow::query()->toBase()->where('plan_id', $planId)->whereNull('retired_at')->orderBy('position')
            ->selectRaw("steps.*, (SELECT GROUP_CONCAT(dimension, '=', COALESCE(choice, number) SEPARATOR ';') FROM step_exposures WHERE step_id = steps.id) AS exposure")->get();
        $steps = [];
        foreach ($rows as $row) {
            $isNew = (bool) $row->is_new_behavior;
            $criterion = $row->window === null ? Criterion::run((int) $row->run_length, $isNew) : Criterion::share((int) $row->run_length, (int) $row->window, $isNew);
            $steps[(int) $row->id] = new Step(
                ExposureColumns::fromText((string) $row->exposure, $catalog),
                $criterion->over((int) $row->sessions, (int) $row->days),
                Manner::of((string) $row->instruction, FoodTiming::from((string) $row->food), DogPosture::from((string) $row->posture), HandledBy::from((string) $row->who), (int) $row->hands, (int) $row->eyes, (bool) $row->is_on_the_way),
            );
        }

        return $steps;
    }
}
