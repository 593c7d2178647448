<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Step as StepRow;
use App\Support\Fields;
use Core\Exposure\DimensionCatalog;
use Core\Ladder\Criterion;
use Core\Ladder\DogPosture;
use Core\Ladder\FoodTiming;
use Core\Ladder\HandledBy;
use Core\Ladder\Manner;
use Core\Ladder\Step;
use Core\Ladder\Strand;

/** Reads the steps of a plan that are in use. One query: this runs after every trial. */
final readonly class StepReader
{
    /** @return array<int, Step> by id, in their order */
    public function ofPlan(int $planId, DimensionCatalog $catalog): array
    {
        $rows = StepRow::query()->toBase()->where('plan_id', $planId)->whereNull('retired_at')->orderBy('position')
            ->selectRaw(
                "steps.*, (SELECT GROUP_CONCAT(dimension, '=', COALESCE(choice, number) SEPARATOR ';') FROM step_exposures WHERE step_id "
                    .'= steps.id) AS exposure',
            )->get();
        $steps = [];
        foreach ($rows as $values) {
            $row = Fields::of($values);
            $isNew = $row->isOn('is_new_behavior');
            $window = $row->intOrNull('window');
            $criterion = $window === null
                ? Criterion::run($row->int('run_length'), $isNew)
                : Criterion::share($row->int('run_length'), $window, $isNew);
            $steps[$row->int('id')] = new Step(
                ExposureColumns::fromText($row->text('exposure'), $catalog),
                $criterion->over($row->int('sessions'), $row->int('days')),
                Manner::of(
                    $row->text('instruction'), FoodTiming::from($row->text('food')), DogPosture::from($row->text('posture')),
                    HandledBy::from($row->text('who')), $row->int('hands'), $row->int('eyes'), $row->isOn('is_on_the_way'),
                    array_map(Strand::from(...), array_values(array_filter(explode(' ', $row->text('strands'))))),
                ),
            );
        }

        return $steps;
    }
}
