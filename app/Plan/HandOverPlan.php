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
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\HandledBy;
use Core\Ladder\Ladder;
use Core\Ladder\LadderData;
use Core\Ladder\Step;
use Core\Template\TemplateStep;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/**
 * A copy of a plan for another person. Progress belongs to a dog and a person: the copy begins in the first third, and for a
 * person the dog dislikes with the item on the floor, as in the ladder for a second person.
 */
final readonly class HandOverPlan
{
    private const FLOOR_TEMPLATE = 'harness-second-person';

    /** Steps of that ladder with the hands away from the dog. */
    private const FLOOR_STEPS = 6;

    public function __construct(
        private Connection $database,
        private CoreCatalogs $catalogs,
        private PlanReader $plans,
        private SituationReader $situations,
        private TemplateRepository $shelf,
        private ClockInterface $clock,
    ) {
    }

    public function give(Plan $plan, User $user, Person $person, bool $isDisliked): Plan
    {
        return $this->database->transaction(function () use ($plan, $user, $person, $isDisliked): Plan {
            $from = $plan->responseModel;
            $model = ResponseModel::query()->firstOrCreate(['trigger_id' => $from->trigger_id, 'person_id' => $person->id], [
                'practice_id' => $plan->practice_id, 'dog_id' => $from->dog_id, 'kind' => $from->kind, 'reacts_to' => $from->reacts_to,
                'reference_meters' => $from->reference_meters, 'reference_stated' => $from->reference_stated, 'fine_at_meters' => $from->fine_at_meters,
            ]);
            $held = $this->situations->read($plan, null, [], $this->clock->now())->history->heldStep;
            $copy = $plan->replicate(['resting_reason', 'reviewed_by'])->fill([
                'response_model_id' => $model->id, 'created_by' => $user->id, 'version' => 1, 'handed_over_from' => $plan->id, 'handed_over_held' => $isDisliked ? -1 : $held,
                'name' => mb_substr("{$plan->name}, {$person->name}", 0, 120),
            ]);
            $copy->save();
            $ladder = $this->plans->read($plan)->ladder;
            StepWriter::write($copy, $isDisliked && $from->kind === PlanKind::Contact ? $this->fromTheFloor($plan, $ladder) : $ladder);

            return $copy;
        });
    }

    /** The item on the floor first; then the ladder as it is, done by the second person. */
    private function fromTheFloor(Plan $plan, Ladder $ladder): Ladder
    {
        $catalog = $this->catalogs->dimensions(PlanKind::Contact);
        $shelf = $this->shelf->of($plan->practice_id);
        $floor = array_slice($shelf->steps($shelf->template(self::FLOOR_TEMPLATE)), 0, self::FLOOR_STEPS);
        $inPlay = $ladder->step(0)->exposure->values + ['gap' => 0.0, 'item_state' => 'floor', 'helper' => 'second'];
        $steps = array_map(static function (TemplateStep $step) use ($inPlay, $catalog): Step {
            return new Step(Exposure::of($catalog->completed(array_intersect_key($step->values, $inPlay), array_keys($inPlay)), $catalog), $step->criterion, $step->manner);
        }, $floor);
        foreach ($ladder->steps as $step) {
            $values = $catalog->completed([...$step->exposure->values, 'helper' => 'second'], array_keys($inPlay));
            $steps[] = new Step(Exposure::of($values, $catalog), $step->criterion, $step->manner->by(HandledBy::SecondPerson));
        }

        // read back before it is stored: what cannot be read would lock everybody out
        return LadderData::read(LadderData::write(Ladder::of($steps)), $catalog);
    }
}
