<?php

declare(strict_types=1);

namespace App\Dog;

use App\Engine\BandsReader;
use App\Engine\TrendReader;
use App\Models\Dog;
use App\Models\Event;
use App\Models\FreeSession;
use App\Models\HealthEntry;
use App\Models\HealthKind;
use App\Models\HomeRep;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Session;
use App\Support\Fields;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;

/**
 * What happened to a dog lately, for one drawing: sessions and how they went, its working distance, scares, health.
 */
final readonly class TimelineReader
{
    public const DAYS = 84;

    private const MOST_SESSIONS = 120;

    private const MOST_EVENTS = 60;

    private const MOST_HOME_REPS = 3000;

    /** Lines that can be told apart. */
    private const MOST_PLANS = 3;

    public function __construct(private BandsReader $bands, private TrendReader $trends)
    {
    }

    public function of(Dog $dog, \DateTimeImmutable $now): Timeline
    {
        $since = $now->modify('-'.self::DAYS.' days');
        $models = ResponseModel::query()->where('dog_id', $dog->id)->select('id');
        $sessions = Session::query()->whereIn('plan_id', Plan::query()->withTrashed()->whereIn('response_model_id', $models)->select('id'))
            ->where('started_at', '>=', $since)->with('plan.responseModel')->orderByDesc('started_at')->limit(self::MOST_SESSIONS)
            ->get(['id', 'plan_id', 'started_at', 'summary'])->reverse()->values();
        $bands = $this->bands->of(array_values(
            $sessions->pluck('id')->map(static fn (mixed $id): int => Fields::of(['id' => $id])->int('id'))->all(),
        ));

        return new Timeline(
            $since, $now,
            array_values($sessions->map(static fn (Session $session): array => [
                'id' => $session->id, 'at' => $session->started_at, 'plan' => $session->plan->name, 'bands' => $bands[$session->id] ?? [],
            ])->all()),
            array_values(FreeSession::query()->where('dog_id', $dog->id)->where('started_at', '>=', $since)->orderByDesc('started_at')
                ->limit(self::MOST_SESSIONS)->get()
                ->map(static fn (FreeSession $free): array => ['id' => $free->id, 'at' => $free->started_at, 'activity' => $free->activity])
                ->all()),
            $this->limits($dog, $since),
            array_values(Event::query()->where('dog_id', $dog->id)->where('occurred_at', '>=', $since)->orderByDesc('occurred_at')
                ->limit(self::MOST_EVENTS)->get()
                ->map(static fn (Event $event): array => [
                    'at' => $event->occurred_at, 'kind' => $event->kind, 'severity' => $event->severity,
                ])->all()),
            array_values(KeepHealth::of($dog, $since)->where('kind', '!==', HealthKind::Weight)
                ->map(static fn (HealthEntry $entry): array => [
                    'name' => $entry->name, 'from' => $entry->from_on, 'to' => $entry->until_on,
                ])->all()),
            $this->homeDays($dog, $since),
            $dog->intake?->vet_seen_on,
        );
    }

    /** @return array<string, array{done: int, wrong: bool}> */
    private function homeDays(Dog $dog, \DateTimeImmutable $since): array
    {
        $zone = $dog->practice->zone();
        $days = [];
        foreach (HomeRep::query()->where('dog_id', $dog->id)->whereNull('taken_out_at')->where('occurred_at', '>=', $since)
            ->orderByDesc('occurred_at')->limit(self::MOST_HOME_REPS)->get(['occurred_at', 'answer']) as $rep) {
            $day = $rep->occurred_at->toDateTimeImmutable()->setTimezone($zone)->format('Y-m-d');
            $days[$day] = [
                'done' => ($days[$day]['done'] ?? 0) + 1, 'wrong' => ($days[$day]['wrong'] ?? false) || $rep->answer->endsTheDay(),
            ];
        }

        return $days;
    }

    /**
     * Of plans that go on, with a distance.
     *
     * @return array<string, list<array{at: \DateTimeInterface, meters: float, from: float, to: float}>>
     */
    private function limits(Dog $dog, \DateTimeImmutable $since): array
    {
        $plans = $dog->plans()->with('responseModel')->where('response_models.kind', PlanKind::Presence)->orderBy('plans.id')
            ->limit(self::MOST_PLANS)->get();
        $limits = [];
        foreach ($plans as $plan) {
            foreach ($this->trends->of($plan)[0]->points ?? [] as $point) {
                if ($point->at >= $since && $point->limit->point !== null) {
                    $limits[$plan->name][] = [
                        'at' => $point->at, 'meters' => $point->limit->point, 'from' => $point->limit->hardest,
                        'to' => $point->limit->easiest ?? Distance::MAX_METERS,
                    ];
                }
            }
        }

        return $limits;
    }
}
