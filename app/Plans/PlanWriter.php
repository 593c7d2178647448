<?php

declare(strict_types=1);

namespace App\Plans;

use App\Advice\CoreCatalogs;
use App\Advice\ExposureColumns;
use App\Advice\SituationReader;
use App\Models\Dog;
use App\Models\Place;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Step;
use App\Models\StepExposure;
use App\Models\Trigger;
use App\Models\TriggerTrait;
use App\Models\User;
use Core\Exposure\Exposure;
use Core\Ladder\EqualRatioLadder;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Writes a plan with its trigger, place, model and ladder: all of it or nothing. */
final readonly class PlanWriter
{
    public const METHOD = 'notice_and_turn_back';

    public function __construct(
        private Connection $database,
        private CoreCatalogs $catalogs,
        private ExposureColumns $columns,
        private SituationReader $situations,
        private ClockInterface $clock,
    ) {
    }

    public function write(Dog $dog, User $user, PlanDraft $draft): Plan
    {
        return $this->database->transaction(function () use ($dog, $user, $draft): Plan {
            $model = $this->model($dog, $this->trigger($dog, $draft), $draft);
            $plan = Plan::query()->create([
                'practice_id' => $dog->practice_id, 'response_model_id' => $model->id, 'place_id' => $this->place($dog, $draft),
                'created_by' => $user->id, 'name' => $draft->name, 'method' => self::METHOD,
                'strain_limit' => $draft->limits->strain, 'reaction_limit' => $draft->limits->reaction,
                'most_advances' => $draft->mostAdvances, 'set_minutes' => $draft->setMinutes,
                'session_minutes' => $draft->sessionMinutes, 'most_trials' => $draft->mostTrials,
            ]);
            foreach ($this->distances($model, $draft) as $position => $distance) {
                $this->step($plan, $position, $distance, $draft);
            }

            return $plan;
        });
    }

    private function trigger(Dog $dog, PlanDraft $draft): Trigger
    {
        if ($draft->triggerId !== null) {
            return $dog->triggers()->whereKey($draft->triggerId)->firstOrFail();
        }
        $trigger = $dog->triggers()->firstOrCreate(['name' => $draft->triggerName], ['practice_id' => $dog->practice_id]);
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

    /** One model for a trigger and a handler, whatever plans come and go: its reference distance is stated once. */
    private function model(Dog $dog, Trigger $trigger, PlanDraft $draft): ResponseModel
    {
        return ResponseModel::query()->firstOrCreate(['trigger_id' => $trigger->id, 'person_id' => $draft->personId], [
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id,
            'reference_meters' => $draft->reaction->meters ?? $this->catalogs->priors->assumedReferenceMeters,
            'reference_stated' => $draft->reaction !== null,
            'fine_at_meters' => $draft->fineAt?->meters,
        ]);
    }

    /** @return non-empty-list<Distance> */
    private function distances(ResponseModel $model, PlanDraft $draft): array
    {
        $known = Plan::query()->where('response_model_id', $model->id)->has('steps')->has('sessions')->latest('id')->first();
        $fitted = $known === null ? null : $this->situations->read($known, null, [], $this->clock->now(), DistanceUnit::Meter)->model;
        $prior = $this->catalogs->dimensions->dimension('distance')->slope;

        return (new EqualRatioLadder($fitted?->slopePerHalving() ?? $prior->shape / $prior->rate))->between($draft->start, $draft->goal);
    }

    private function step(Plan $plan, int $position, Distance $distance, PlanDraft $draft): void
    {
        $values = ['distance' => $distance->meters] + ($draft->motion === null ? [] : ['trigger_motion' => $draft->motion]);
        $step = Step::query()->create(['plan_id' => $plan->id, 'position' => $position, 'run_length' => $draft->runLength, 'is_new_behavior' => false]);
        StepExposure::query()->insert(array_map(
            static fn (array $row): array => ['step_id' => $step->id, ...$row],
            $this->columns->toRows(Exposure::of($values, $this->catalogs->dimensions)),
        ));
    }
}
