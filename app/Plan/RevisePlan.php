<?php

declare(strict_types=1);

namespace App\Plan;

use App\Engine\DogModelReader;
use App\Engine\PlanReader;
use App\Models\Plan;
use App\Models\PlanVersion;
use App\Models\Session;
use App\Models\Step as StepRow;
use App\Models\User;
use App\Support\Fields;
use Core\Ladder\Ladder;
use Core\Ladder\LadderData;
use Core\Planning\LadderChange;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/**
 * Puts another ladder in the place of a plan's. The old one is kept as a version; steps that were walked stay for the trials
 * that point at them, at the place of the step that stands for them; what was solid is told by where it was.
 */
final readonly class RevisePlan
{
    public function __construct(
        private Connection $database, private PlanReader $plans, private DogModelReader $models,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool false if it is the ladder the plan has already */
    public function revise(Plan $plan, User $user, Ladder $after): bool
    {
        return $this->database->transaction(function () use ($plan, $user, $after): bool {
            Plan::query()->whereKey($plan->id)->lockForUpdate()->value('id');
            $before = $this->plans->read($plan)->ladder;
            $change = LadderChange::between($before, $after);
            if ($change->isNone()) {
                return false;
            }
            $now = $this->clock->now();
            PlanVersion::query()->create([
                'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'user_id' => $user->id, 'number' => $plan->version,
                'steps' => LadderData::write($before), 'change' => mb_substr(words()->ladderChange($change), 0, 300), 'made_at' => $now,
            ]);
            $stands = $change->standsFor($this->models->read(
                $plan->responseModel, Ladder::of([...$before->steps, ...$after->steps]), $now,
            ));
            $this->retire($plan, $stands, $now);
            $this->carryOver($plan, $before);
            StepWriter::write($plan, $after);
            // a new second: what was read of the plan before is not taken for it
            $plan->forceFill([
                'version' => $plan->version + 1, 'handed_over_held' => $stands[$plan->handed_over_held] ?? -1, 'updated_at' => $now,
            ])->save();
            $this->plans->forget();

            return true;
        });
    }

    /** @param  list<?int>  $stands */
    private function retire(Plan $plan, array $stands, \DateTimeImmutable $now): void
    {
        foreach (StepRow::query()->where('plan_id', $plan->id)->get() as $step) {
            $step->update(['position' => $stands[$step->position] ?? 0, 'retired_at' => $step->retired_at ?? $now]);
        }
    }

    /** Marks of earlier sessions tell where they were made, so that they mean the same on any ladder; those from before that do so now. */
    private function carryOver(Plan $plan, Ladder $before): void
    {
        foreach (Session::query()->where('plan_id', $plan->id)->whereNotNull('summary')->get() as $session) {
            $summary = Fields::of($session->summary);
            $marks = [];
            foreach ($summary->list('marks') as $mark) {
                $step = Fields::of($mark)->int('step');
                $marks[] = is_array($mark) ? [...$mark, 'at' => $mark['at'] ?? $before->step($step)->exposure->values] : $mark;
            }
            $session->update(['summary' => [...($session->summary ?? []), 'marks' => $marks]]);
        }
    }
}
