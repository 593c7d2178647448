<?php

declare(strict_types=1);

namespace App\Dog;

use App\Engine\BandsReader;
use App\Models\Dog;
use App\Models\Event;
use App\Models\FreeSession;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Session;
use App\Support\Fields;
use Core\Exposure\PlanKind;

/** What happened to a dog lately, for one drawing: sessions and how they went, how near it was calm, scares, visits to the vet. */
final readonly class TimelineReader
{
    public const DAYS = 84;

    private const MOST_SESSIONS = 120;

    private const MOST_EVENTS = 60;

    public function __construct(private BandsReader $bands)
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
        $nearest = [];
        foreach ($sessions as $session) {
            $meters = Fields::of($session->summary)->below('hardestCalm')->below('at')->numberOrNull('distance');
            if ($meters !== null && $session->plan->responseModel->kind === PlanKind::Presence) {
                $nearest[$session->plan->name][] = ['at' => $session->started_at, 'meters' => $meters];
            }
        }

        return new Timeline(
            $since, $now,
            array_values($sessions->map(static fn (Session $session): array => [
                'id' => $session->id, 'at' => $session->started_at, 'plan' => $session->plan->name, 'bands' => $bands[$session->id] ?? [],
            ])->all()),
            array_values(FreeSession::query()->where('dog_id', $dog->id)->where('started_at', '>=', $since)->orderByDesc('started_at')
                ->limit(self::MOST_SESSIONS)->get()
                ->map(static fn (FreeSession $free): array => ['id' => $free->id, 'at' => $free->started_at, 'activity' => $free->activity])
                ->all()),
            $nearest,
            array_values(Event::query()->where('dog_id', $dog->id)->where('occurred_at', '>=', $since)->orderByDesc('occurred_at')
                ->limit(self::MOST_EVENTS)->get()
                ->map(static fn (Event $event): array => [
                    'at' => $event->occurred_at, 'kind' => $event->kind, 'severity' => $event->severity,
                ])->all()),
            $dog->intake?->vet_seen_on,
        );
    }
}
