<?php

declare(strict_types=1);

namespace App\Plan;

use App\Engine\CoreCatalogs;
use App\Models\Dog;
use App\Models\Place;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\SoundSetUp;
use App\Models\Trigger;
use App\Models\TriggerTrait;
use App\Models\User;
use Core\Exposure\PlanKind;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Writes a plan with its trigger, place, model and ladder: all of it or nothing. */
final readonly class CreatePlan
{
    public function __construct(
        private Connection $database, private CoreCatalogs $catalogs, private LadderMaker $ladders, private ClockInterface $clock,
    ) {
    }

    public function write(Dog $dog, User $user, PlanDraft $draft): Plan
    {
        return $this->database->transaction(function () use ($dog, $user, $draft): Plan {
            $model = $this->model($dog, $draft);
            if ($draft->sound !== null) {
                SoundSetUp::query()->firstOrCreate(['response_model_id' => $model->id], [
                    'practice_id' => $dog->practice_id, 'user_id' => $user->id, ...$draft->sound->columns(null),
                ]);
            }
            $plan = Plan::query()->create([
                'practice_id' => $dog->practice_id, 'response_model_id' => $model->id, 'place_id' => $this->place($dog, $draft),
                'created_by' => $user->id, 'name' => $draft->name, 'method' => $draft->method,
                'strain_cap' => $draft->caps->strain->value, 'reaction_cap' => $draft->caps->reaction->value,
                'most_advances' => $draft->mostAdvances, 'set_minutes' => $draft->setMinutes,
                'session_minutes' => $draft->sessionMinutes, 'most_trials' => $draft->mostTrials,
                'goal' => $draft->goalWords, 'template' => $draft->template, 'choices' => $draft->choices,
                'outings_a_week' => $draft->outingsAWeek,
                'easy_after' => $draft->easyAfter, 'item_id' => $draft->itemId, 'phase' => $draft->phase,
            ]);
            $this->reactsAtGoal($model, $draft);
            StepWriter::write($plan, $this->ladders->make($model, $draft, $this->clock->now()));

            return $plan;
        });
    }

    /** One model for a trigger and a handler, whatever plans come and go: its reference distance is stated once. */
    private function model(Dog $dog, PlanDraft $draft): ResponseModel
    {
        $trigger = $this->trigger($dog, $draft);

        return ResponseModel::query()->firstOrCreate(['trigger_id' => $trigger->id, 'person_id' => $draft->personId], [
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'kind' => $trigger->kind,
            'reference_meters' => $draft->reaction->meters ?? $this->catalogs->priors->assumedReferenceMeters,
            'reference_stated' => $draft->reaction !== null,
            'fine_at_meters' => $draft->fineAt?->meters, 'quiet_at_meters' => $draft->quietAt?->meters,
            'inherited' => $dog->practice->own_priors[$trigger->kind->value] ?? null,
        ]);
    }

    /** Where nobody knows what the dog reacts to, it is taken to react at the goal, with a wide prior: why else the plan. */
    private function reactsAtGoal(ResponseModel $model, PlanDraft $draft): void
    {
        if ($model->kind !== PlanKind::Presence && $model->reacts_to === null) {
            $model->update(['reacts_to' => $this->ladders->hardest($model, $draft)->values]);
        }
    }

    private function trigger(Dog $dog, PlanDraft $draft): Trigger
    {
        if ($draft->triggerId !== null) {
            return $dog->triggers()->whereKey($draft->triggerId)->firstOrFail();
        }
        $trigger = $dog->triggers()
            ->firstOrCreate(['name' => $draft->triggerName], ['practice_id' => $dog->practice_id, 'kind' => $draft->kind]);
        foreach ($draft->traits as $name => $value) {
            TriggerTrait::query()->insertOrIgnore(['trigger_id' => $trigger->id, 'name' => $name, 'value' => $value]);
        }

        return $trigger;
    }

    private function place(Dog $dog, PlanDraft $draft): ?int
    {
        return $draft->placeId ?? ($draft->placeName === null ? null : Place::query()->create([
            'practice_id' => $dog->practice_id, 'name' => $draft->placeName, 'room_meters' => $draft->room?->meters,
        ])->id);
    }
}
