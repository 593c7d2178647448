<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Appointment;
use App\Models\BusyTime;
use App\Models\Person;
use App\Models\Plan;
use App\Models\Practice;
use Core\Planning\Pace;
use Core\Scheduling\DayGrid;
use Core\Scheduling\Demand;
use Core\Scheduling\DogTimes;
use Core\Scheduling\OverlappingPins;
use Core\Scheduling\Routine;
use Core\Scheduling\Visit;
use Core\Scheduling\WeekProblem;
use Core\Scheduling\Worker;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** Reads a week of a practice: what its plans ask for, who and what is to be had when, and what is fixed already. */
final readonly class WeekReader
{
    public const MOST_PLANS = 200;

    private const MOST_APPOINTMENTS = 1000;

    /** Slots between two sessions of one dog: an hour. Common practice. */
    private const PAUSE = 4;

    public function __construct(private ClockInterface $clock, private PastOfPlans $past)
    {
    }

    /**
     * @param  ?Appointment  $without  left out, as if it were still to be laid
     *
     * @throws OverlappingPins
     */
    public function read(Practice $practice, WeekDays $days, ?Appointment $without = null): WeekPlan
    {
        $now = $this->clock->now();
        $today = $days->indexOf($now);
        $fromDay = max(0, min(DayGrid::DAYS, $today));
        $hours = Hours::ofPractice($practice->id);
        $all = Plan::query()
            ->where('plans.practice_id', $practice->id)->whereHas('responseModel.dog', static fn ($dogs) => $dogs->whereNull('archived_at'))
            ->whereNull('resting_reason')->with(['responseModel.dog', 'place', 'otherPlaces'])
            ->orderBy('id')->limit(self::MOST_PLANS)->get();
        // whoever has no hours does it at home, when it suits
        $plans = $all->filter(static fn (Plan $plan): bool => $hours->knows('person_id', $plan->responseModel->person_id))->keyBy('id');
        $appointments = Appointment::query()->with(['plan.responseModel.dog', 'place'])
            ->where('practice_id', $practice->id)->whereNull('cancelled_at')
            ->where('starts_at', '<', $days->at(DayGrid::DAYS, 0))->where('ends_at', '>', $days->at(0, 0))
            ->orderBy('starts_at')->orderBy('id')->limit(self::MOST_APPOINTMENTS)->get()->keyBy('id');

        $pinned = $standing = $numbers = $running = [];
        foreach ($appointments as $appointment) {
            $visit = $appointment->id === $without?->id ? null : $this->visit($appointment, $days, $plans);
            if ($visit !== null) {
                $visit->isPinned ? $pinned[] = $visit : $standing[] = $visit;
                $numbers[spl_object_id($visit)] = $appointment->id;
                $running[$visit->demand] = ($running[$visit->demand] ?? 0) + ($appointment->starts_at <= $now ? 1 : 0);
            }
        }
        $pasts = $this->past->of($plans->values(), $days, $now);
        $order = $plans->values()->sortBy(static fn (Plan $plan): array => [
            $pasts[$plan->id]->daysSince === null ? 1 : 0,
            (new Pace($plan->outings_a_week))->dueIn($pasts[$plan->id]->daysSince ?? 0), $plan->id,
        ]);
        $demands = array_values($order->map(fn (Plan $plan): Demand => $this->demand(
            $plan, $pasts[$plan->id], DayGrid::DAYS - $fromDay, $running[$plan->id] ?? 0, $without?->plan_id === $plan->id,
        ))->all());
        $sites = SitesOfWeek::of($practice, $days, $plans, $hours, $appointments);

        return new WeekPlan(
            $days, new WeekProblem(
                $demands, $this->workers($practice, $days, $hours, $appointments, $today), array_values($sites->sites),
                $this->dogs($plans, $hours, $pasts), $sites->travel, $pinned, $standing, $fromDay,
            ), self::byId($plans), self::byId($appointments), $numbers,
        );
    }

    /**
     * @template T of Appointment|Plan
     *
     * @param  Collection<int, T>  $rows
     * @return array<int, T>
     */
    private static function byId(Collection $rows): array
    {
        $byId = [];
        foreach ($rows as $row) {
            $byId[$row->id] = $row;
        }

        return $byId;
    }

    /**
     * Null for what is over: what came of it is told by sessions, and what was not held keeps no day free.
     *
     * @param  Collection<int, Plan>  $plans
     */
    private function visit(Appointment $appointment, WeekDays $days, Collection $plans): ?Visit
    {
        $day = $days->indexOf($appointment->starts_at);
        $slot = DayGrid::slotAt($days->minuteOf($appointment->starts_at));
        $isOver = $appointment->ends_at <= $this->clock->now();
        if ($isOver || $appointment->plan_id === null || ! $plans->has($appointment->plan_id) || $slot === null || $day < 0 || $day > 6) {
            return null;
        }

        return new Visit(
            $appointment->plan_id, $day, $slot, DayGrid::slots($appointment->minutes()), $appointment->person_id,
            SitesOfWeek::siteOf($appointment), $appointment->helper_id,
            $appointment->is_pinned || $appointment->starts_at <= $this->clock->now(),
        );
    }

    private function demand(Plan $plan, PlanPast $past, int $daysLeft, int $running, bool $oneMore): Demand
    {
        $routine = $plan->routine();
        $kind = $plan->responseModel->kind;
        $places = array_values(array_unique(array_filter([$plan->place_id, ...$plan->otherPlaces->modelKeys()], is_int(...))));
        $usual = $routine->mostADay > 1 ? $plan->set_minutes : $plan->session_minutes;

        return new Demand(
            $plan->id, $plan->responseModel->dog_id, Routine::isExposure($kind) ? $plan->responseModel->trigger_id : 0,
            max($oneMore ? 1 : 0, (new Pace($plan->outings_a_week))->within($daysLeft, $past->daysSince) + $running),
            max(1, DayGrid::slots($routine->minutes($usual, $plan->set_minutes, $plan->place?->trials_an_outing))),
            [$plan->responseModel->person_id], $routine->isAtHome ? [SitesOfWeek::home($plan)] : ($places === [] ? [0] : $places),
            $routine->needsHelper, $routine->hours, $routine->daysApart, $routine->mostADay, $past->freeOn, $past->lastDay,
        );
    }

    /**
     * @param  Collection<int, Appointment>  $appointments
     * @return list<Worker>
     */
    private function workers(Practice $practice, WeekDays $days, Hours $hours, Collection $appointments, int $today): array
    {
        $people = Person::query()->where('practice_id', $practice->id)->limit(1000)->get();
        $taken = [];
        foreach (BusyTime::query()->whereIn('person_id', $people->modelKeys())->where('starts_at', '<', $days->at(DayGrid::DAYS, 0))
            ->where('ends_at', '>', $days->at(0, 0))->limit(2000)->get() as $busy) {
            foreach ($days->parts($busy->starts_at, $busy->ends_at) as $day => $part) {
                $taken[$busy->person_id][$day][] = $part;
            }
        }
        foreach ($appointments as $appointment) {
            foreach ($appointment->plan_id === null ? $days->parts($appointment->starts_at, $appointment->ends_at) : [] as $day => $part) {
                $taken[$appointment->person_id][$day][] = $part;
            }
        }
        $passed = [[0, $days->minuteOf($this->clock->now())]];

        return array_values($people->map(static fn (Person $person): Worker => new Worker(
            $person->id, array_map(
                static fn (int $mask, int $day): int => $mask & ~DayGrid::touching([
                    ...$taken[$person->id][$day] ?? [], ...$day === $today ? $passed : [],
                ]), $person->archived_at === null ? $hours->free('person_id', $person->id) : array_fill(0, DayGrid::DAYS, 0), range(0, 6),
            ), $person->helps,
        ))->all());
    }

    /**
     * @param  Collection<int, Plan>  $plans
     * @param  array<int, PlanPast>  $pasts
     * @return list<DogTimes>
     */
    private function dogs(Collection $plans, Hours $hours, array $pasts): array
    {
        $newPlaces = [];
        foreach ($plans as $plan) {
            $dog = $plan->responseModel->dog_id;
            $newPlaces[$dog] = [...$newPlaces[$dog] ?? [], ...$pasts[$plan->id]->newPlaces];
        }

        return array_map(static fn (int $dog): DogTimes => new DogTimes(
            $dog, $hours->knows('dog_id', $dog) ? $hours->free('dog_id', $dog) : array_fill(0, DayGrid::DAYS, DayGrid::ALL), self::PAUSE,
            array_values(array_unique($newPlaces[$dog])),
        ), array_keys($newPlaces));
    }
}
