<?php

declare(strict_types=1);

namespace App\Plan;

use App\Engine\ExposureColumns;
use App\Models\Plan;
use App\Models\Step as StepRow;
use App\Models\StepExposure;
use Core\Ladder\Ladder;

/** Stores the steps of a ladder for a plan, in their order. */
final readonly class StepWriter
{
    public static function write(Plan $plan, Ladder $ladder): void
    {
        foreach ($ladder->steps as $position => $step) {
            $row = StepRow::query()->create([
                'plan_id' => $plan->id, 'position' => $position,
                'run_length' => $step->criterion->successes, 'window' => $step->criterion->window,
                'is_new_behavior' => $step->criterion->isNewBehavior,
                'sessions' => $step->criterion->sessions, 'days' => $step->criterion->days,
                'instruction' => $step->manner->instruction, 'food' => $step->manner->food->value,
                'posture' => $step->manner->posture->value,
                'who' => $step->manner->who->value, 'hands' => $step->manner->hands, 'eyes' => $step->manner->eyes,
                'is_on_the_way' => $step->manner->isOnTheWay,
                'strands' => implode(' ', array_column($step->manner->strands, 'value')),
            ]);
            StepExposure::query()->insert(array_map(
                static fn (array $of): array => ['step_id' => $row->id, ...$of], ExposureColumns::toRows($step->exposure),
            ));
        }
    }
}
