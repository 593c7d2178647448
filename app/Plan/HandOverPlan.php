<?php

declare(strict_types=1);

namespace App\Plan;

use App\Engine\CoreCatalogs;
use App\Engine\PlanReader;
use App\Engine\SituationReader;
use App\Library\TemplateRepository;
use App\Models\Person;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\User;
use Core\Exposure\PlanKind;
use Core\Ladder\Ladder;
use Core\Planning\FromTheFloor;
use Core\Response\Inherited;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/**
 * A copy of a plan for another person. Progress belongs to a dog and a person: the copy begins in the first third, and for a
 * person the dog dislikes with the item on the floor, as in the ladder for a second person. What weighs how much is passed on.
 */
final readonly class HandOverPlan
{
    public function __construct(
        private Connection $database,
        private CoreCatalogs $catalogs,
        private PlanReader $plans,
        private SituationReader $situations,
        private TemplateRepository $templates,
        private ClockInterface $clock,
    ) {
    }

    public function give(Plan $plan, User $user, Person $person, bool $isDisliked): Plan
    {
        return $this->database->transaction(function () use ($plan, $user, $person, $isDisliked): Plan {
            $from = $plan->responseModel;
            $situation = $this->situations->ofPlan($plan, $this->clock->now());
            $model = ResponseModel::query()->firstOrCreate(['trigger_id' => $from->trigger_id, 'person_id' => $person->id], [
                'practice_id' => $plan->practice_id, 'dog_id' => $from->dog_id, 'kind' => $from->kind, 'reacts_to' => $from->reacts_to,
                'reference_meters' => $from->reference_meters, 'reference_stated' => $from->reference_stated,
                'fine_at_meters' => $from->fine_at_meters, 'quiet_at_meters' => $from->quiet_at_meters,
                // without a trial of its own it knows nothing that the other would not
                'inherited' => $situation->model === null || $situation->history->trialsEver === 0
                    ? null : Inherited::of($situation->model)->toArray(),
            ]);
            $held = $situation->history->solidStep;
            $copy = $plan->replicate(['resting_reason', 'reviewed_by'])->fill([
                'response_model_id' => $model->id, 'created_by' => $user->id, 'version' => 1, 'handed_over_from' => $plan->id,
                // a place that is not gone to any more is not gone to by the next person either
                'place_id' => $plan->place?->archived_at === null ? $plan->place_id : null,
                'handed_over_held' => $isDisliked ? -1 : $held,
                'name' => mb_substr("{$plan->name}, {$person->name}", 0, 120),
            ]);
            $copy->save();
            $ladder = $this->plans->read($plan)->ladder;
            StepWriter::write($copy, $isDisliked && $from->kind === PlanKind::Contact ? $this->fromTheFloor($plan, $ladder) : $ladder);

            return $copy;
        });
    }

    private function fromTheFloor(Plan $plan, Ladder $ladder): Ladder
    {
        $templates = $this->templates->of($plan->practice_id);

        return FromTheFloor::ladder(
            $ladder, array_values($templates->steps($templates->template(FromTheFloor::TEMPLATE))),
            $this->catalogs->dimensions(PlanKind::Contact),
        );
    }
}
