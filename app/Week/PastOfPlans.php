<?php

declare(strict_types=1);

namespace App\Week;

use App\Engine\BandsReader;
use App\Incident\CarryOverReader;
use App\Models\Appointment;
use App\Models\FreeSession;
use App\Models\Plan;
use App\Models\Session;
use App\Support\Fields;
use Core\Scheduling\DayGrid;
use Core\Sign\Band;
use Illuminate\Support\Collection;

/** Last sessions, how they went, what is carried over, where dogs have been: what a week has to leave time for. */
final readonly class PastOfPlans
{
    public function __construct(private BandsReader $bands, private CarryOverReader $upsets)
    {
    }

    /**
     * @param  Collection<int, Plan>  $plans
     * @return array<int, PlanPast> by plan
     */
    public function of(Collection $plans, WeekDays $days, \DateTimeImmutable $now): array
    {
        $utc = new \DateTimeZone('UTC');
        $latest = [];
        foreach (Session::query()->toBase()->whereIn('plan_id', $plans->pluck('id'))->groupBy('plan_id')
            ->selectRaw('plan_id, MAX(id) AS id, MAX(started_at) AS at')->get() as $row) {
            $row = Fields::of($row);
            $latest[$row->int('plan_id')] = [$row->int('id'), new \DateTimeImmutable($row->text('at'), $utc)];
        }
        $planned = [];
        foreach (Appointment::query()->toBase()->whereIn('plan_id', $plans->pluck('id'))->whereNull('cancelled_at')
            ->where('starts_at', '>', $now->setTimezone($utc)->format('Y-m-d H:i:s'))
            ->where('starts_at', '<', $days->monday->setTimezone($utc)->format('Y-m-d H:i:s'))
            ->groupBy('plan_id')->selectRaw('plan_id, MAX(starts_at) AS at')->get() as $row) {
            $planned[Fields::of($row)->int('plan_id')] = new \DateTimeImmutable(Fields::of($row)->text('at'), $utc);
        }
        $bands = $this->bands->of(array_column($latest, 0));
        $free = $this->freeOn($plans, $latest, $bands, $days, $now);
        $visited = $this->visited($plans);
        $first = max(0, $days->indexOf($now));
        $pasts = [];
        foreach ($plans as $plan) {
            $at = $planned[$plan->id] ?? $latest[$plan->id][1] ?? null;
            $last = $at === null ? null : $days->indexOf($at);
            $dog = $plan->responseModel->dog_id;
            $needsNoRest = $plan->routine()->afterStruggling === 0;
            $pasts[$plan->id] = new PlanPast(
                $last === null ? null : max(0, $first - $last), $last, $needsNoRest ? 0 : min(DayGrid::DAYS, max(0, $free[$dog] ?? 0)),
                array_values(array_diff([...$plan->otherPlaces->modelKeys(), $plan->place_id ?? 0], $visited[$dog] ?? [], [0])),
            );
        }

        return $pasts;
    }

    /** Whether the dog goes where it has never been: then it looks around first. */
    public function isNewPlace(Appointment $appointment): bool
    {
        $plan = $appointment->plan;

        return $plan !== null && $appointment->place_id !== null
            && ! in_array($appointment->place_id, $this->visited(collect([$plan]))[$plan->responseModel->dog_id] ?? [], true);
    }

    /**
     * A dog that struggled or reacted in one plan has its easy days in all that expose it to something.
     *
     * @param  Collection<int, Plan>  $plans
     * @param  array<int, array{int, \DateTimeImmutable}>  $latest
     * @param  array<int, list<Band>>  $bands
     * @return array<int, int> day of the week by dog
     */
    private function freeOn(Collection $plans, array $latest, array $bands, WeekDays $days, \DateTimeImmutable $now): array
    {
        $free = [];
        foreach ($plans as $plan) {
            $dog = $plan->responseModel->dog_id;
            if (! isset($free[$dog])) {
                $rest = $this->upsets->on($dog, $now)->restHours();
                $free[$dog] = $rest > 0.0 ? $days->indexOf($now->modify('+'.(int) ceil($rest).' hours')) : 0;
            }
            [$session, $at] = $latest[$plan->id] ?? [0, $now];
            $seen = $bands[$session] ?? [];
            $in = $plan->routine()->freeAgainIn(0, in_array(Band::Strain, $seen, true), in_array(Band::Over, $seen, true));
            $free[$dog] = max($free[$dog], $in === 0 ? 0 : $days->indexOf($at) + $in);
        }

        return $free;
    }

    /**
     * @param  Collection<int, Plan>  $plans
     * @return array<int, list<int>> places by dog
     */
    private function visited(Collection $plans): array
    {
        $dogs = $plans->map(static fn (Plan $plan): int => $plan->responseModel->dog_id)->unique()->values();
        $visited = [];
        $rows = [
            ...Session::query()->toBase()->join('plans', 'plans.id', '=', 'sessions.plan_id')
                ->join('response_models', 'response_models.id', '=', 'plans.response_model_id')->whereIn('dog_id', $dogs)
                ->whereNotNull('sessions.place_id')->distinct()->get(['dog_id', 'sessions.place_id']),
            ...FreeSession::query()->toBase()->whereIn('dog_id', $dogs)->whereNotNull('place_id')->distinct()->get(['dog_id', 'place_id']),
        ];
        foreach ($rows as $row) {
            $visited[Fields::of($row)->int('dog_id')][] = Fields::of($row)->int('place_id');
        }

        return $visited;
    }
}
