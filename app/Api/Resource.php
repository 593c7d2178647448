<?php

declare(strict_types=1);

namespace App\Api;

use App\Access\InSight;
use App\Models\Dog;
use App\Models\Event;
use App\Models\HealthEntry;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Person;
use App\Models\Place;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Session;
use App\Models\Step;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** What a program reads as lists: each record in metric units, with times in UTC. Their schemas stand in resources/api/openapi.json. */
enum Resource: string
{
    case Dogs = 'dogs';
    case People = 'people';
    case Places = 'places';
    case Plans = 'plans';
    case Sessions = 'sessions';
    case Events = 'events';
    case HealthEntries = 'health-entries';
    case Homework = 'homework';
    case HomeReps = 'home-reps';

    /**
     * What this user may see of it.
     *
     * @param  ?int  $dog  of one dog only, where a record is about a dog
     * @return Builder<covariant Model>
     */
    public function query(User $user, ?int $dog): Builder
    {
        $dogs = InSight::dogs($user)->when($dog !== null, static fn (Builder $one) => $one->whereKey($dog))->toBase()->select('dogs.id');
        $plans = static fn () => Plan::query()->withTrashed()->whereIn(
            'response_model_id', ResponseModel::query()->toBase()->whereIn('dog_id', $dogs)->select('id'),
        );

        return match ($this) {
            self::Dogs => InSight::dogs($user)->when($dog !== null, static fn (Builder $one) => $one->whereKey($dog)),
            self::People => InSight::people($user),
            self::Places => InSight::allPlaces($user),
            self::Plans => $plans()->with(['responseModel.trigger', 'steps.exposures']),
            self::Sessions => Session::query()->whereIn('plan_id', $plans()->toBase()->select('plans.id')),
            self::Events => Event::query()->whereIn('dog_id', $dogs),
            self::HealthEntries => HealthEntry::query()->whereIn('dog_id', $dogs),
            self::Homework => Homework::query()->whereIn('dog_id', $dogs),
            self::HomeReps => HomeRep::query()->whereIn('dog_id', $dogs),
        };
    }

    /** @return array<string, mixed> */
    public static function told(Model $one): array
    {
        $time = static fn (?\DateTimeInterface $at): ?string => $at?->format('Y-m-d\TH:i:s\Z');
        $day = static fn (?\DateTimeInterface $at): ?string => $at?->format('Y-m-d');

        return match (true) {
            $one instanceof Dog => [
                'id' => $one->id, 'name' => $one->name, 'description' => $one->description, 'breed' => $one->breed, 'sex' => $one->sex,
                'bornOn' => $day($one->born_on), 'hasBitten' => $one->bite_history, 'hidesSigns' => $one->hides_signs,
                'archivedAt' => $time($one->archived_at),
            ],
            $one instanceof Person => ['id' => $one->id, 'name' => $one->name, 'helps' => $one->helps],
            $one instanceof Place => [
                'id' => $one->id, 'name' => $one->name, 'kind' => $one->kind, 'roomMeters' => $one->room_meters,
                'archivedAt' => $time($one->archived_at),
            ],
            $one instanceof Plan => [
                'id' => $one->id, 'dog' => $one->responseModel->dog_id, 'name' => $one->name, 'kind' => $one->responseModel->kind->value,
                'trigger' => $one->responseModel->trigger->name, 'person' => $one->responseModel->person_id, 'method' => $one->method,
                'goal' => $one->goal, 'isResting' => $one->resting_reason !== null,
                'steps' => array_values($one->steps->whereNull('retired_at')->sortBy('position')->map(self::step(...))->all()),
            ],
            $one instanceof Session => [
                'id' => $one->id, 'plan' => $one->plan_id, 'person' => $one->person_id, 'place' => $one->place_id,
                'kind' => $one->kind->value, 'startedAt' => $time($one->started_at), 'endedAt' => $time($one->ended_at),
                'note' => $one->end_note,
            ],
            $one instanceof Event => [
                'id' => $one->id, 'dog' => $one->dog_id, 'kind' => $one->kind->value, 'severity' => $one->severity,
                'occurredAt' => $time($one->occurred_at), 'note' => $one->note,
            ],
            $one instanceof HealthEntry => [
                'id' => $one->id, 'dog' => $one->dog_id, 'kind' => $one->kind->value, 'name' => $one->name,
                'kilograms' => $one->kilograms, 'fromOn' => $day($one->from_on), 'untilOn' => $day($one->until_on),
                'isTakenOut' => $one->taken_out_at !== null,
            ],
            $one instanceof Homework => [
                'id' => $one->id, 'dog' => $one->dog_id, 'plan' => $one->plan_id, 'kind' => $one->kind->value, 'name' => $one->name,
                'what' => $one->what, 'timesADay' => $one->times_a_day, 'fromOn' => $day($one->from_on), 'untilOn' => $day($one->until_on),
                'endedAt' => $time($one->ended_at),
            ],
            $one instanceof HomeRep => [
                'id' => $one->id, 'uuid' => $one->uuid, 'dog' => $one->dog_id, 'homework' => $one->homework_id,
                'answer' => $one->answer->value, 'seconds' => $one->seconds, 'occurredAt' => $time($one->occurred_at),
                'isTakenOut' => $one->taken_out_at !== null,
            ],
            default => throw new \LogicException('No such record is told.'),
        };
    }

    /** @return array<string, mixed> */
    private static function step(Step $step): array
    {
        $values = [];
        foreach ($step->exposures as $row) {
            $values[$row->dimension] = $row->number ?? $row->choice;
        }

        return ['position' => $step->position + 1, 'do' => $step->instruction ?? '', 'at' => (object) $values];
    }
}
