<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Plan;
use App\Models\ResponseModel;
use App\Support\Fields;
use Core\Decision\Choices;
use Core\Decision\RuleSettings;
use Core\Decision\Told;
use Core\Decision\WorkingPlan;
use Core\Exposure\Exposure;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Response\Inherited;
use Core\Response\RiskCaps;
use Psr\Clock\ClockInterface;

/** Reads a plan with its steps for the core. */
final class PlanReader
{
    /** @var array<string, WorkingPlan> read in this request, by plan */
    private array $read = [];

    /** @var array<string, list<int>> of the steps by position, by plan */
    private array $stepIds = [];

    public function __construct(
        private readonly DogCatalogs $catalogs, private readonly StepReader $steps, private readonly ClockInterface $clock,
    ) {
    }

    public function read(Plan $plan): WorkingPlan
    {
        return $this->read[self::key($plan)] ??= $this->fromDatabase($plan);
    }

    /** Of the step at a position of the plan's ladder. */
    public function stepId(Plan $plan, int $position): int
    {
        $this->read($plan);

        return $this->stepIds[self::key($plan)][$position] ?? throw new \LogicException('The ladder has such a step.');
    }

    /** @return list<int> of the steps by position */
    public function stepIds(Plan $plan): array
    {
        $this->read($plan);

        return $this->stepIds[self::key($plan)];
    }

    /**
     * What was kept of a plan stands: it need not be read.
     *
     * @param  list<int>  $stepIds  by position
     */
    public function keep(Plan $plan, WorkingPlan $inCore, array $stepIds): void
    {
        $this->read[self::key($plan)] ??= $inCore;
        $this->stepIds[self::key($plan)] = $stepIds;
    }

    /** A plan was changed in this request. */
    public function forget(): void
    {
        $this->read = $this->stepIds = [];
    }

    private function fromDatabase(Plan $plan): WorkingPlan
    {
        $model = $plan->responseModel;
        $room = $plan->place?->room_meters;
        $catalog = $this->catalogs->of($model);
        $steps = $this->steps->ofPlan($plan->id, $catalog);

        $this->stepIds[self::key($plan)] = array_keys($steps);

        $ladder = Ladder::of(array_values($steps));
        $choices = Fields::of($plan->choices);
        $fineAt = $model->fine_at_meters === null ? null : Exposure::of(['distance' => $model->fine_at_meters], $catalog);

        return new WorkingPlan(
            $ladder,
            RuleSettings::of(
                RiskCaps::of($plan->strain_cap, $plan->reaction_cap), $plan->most_advances, $plan->set_minutes, $plan->session_minutes,
                $plan->most_trials,
                $room === null ? null : Distance::fromMeters($room), $plan->easy_after,
                isByStrangers: $ladder->isByStrangers(),
                choices: Choices::of(static fn (string $key): string => $choices->text($key), $plan->method === 'earned_ration'),
            ),
            Distance::fromMeters($model->reference_meters),
            $model->reference_stated,
            $fineAt,
            $catalog,
            $model->reacts_to === null ? null : Exposure::of($model->reacts_to, $catalog),
            new Told(
                $model->reference_stated && $model->reacts_to === null ? Distance::fromMeters($model->reference_meters) : null,
                $fineAt, $model->dog->bite_history, $model->dog->hides_signs, false, self::daysInHome($model, $this->clock->now()),
                $model->trigger->motive === 'none', $model->trigger->motive === 'fear',
                $model->dog->intake?->sudden_change === true && $model->dog->intake->vet_seen_on === null,
            ),
            Inherited::fromArray($model->inherited ?? []),
        );
    }

    private static function daysInHome(ResponseModel $model, \DateTimeImmutable $now): ?int
    {
        $arrived = $model->dog->intake?->arrived_on;

        return $arrived === null ? null : max(0, (int) $arrived->diff($now)->days);
    }

    private static function key(Plan $plan): string
    {
        return "{$plan->id} {$plan->updated_at?->getTimestamp()}";
    }
}
