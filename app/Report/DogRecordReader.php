<?php

declare(strict_types=1);

namespace App\Report;

use App\Engine\SituationReader;
use App\Engine\TrialReader;
use App\Models\Dog;
use App\Models\Plan;
use App\Models\Session;
use Core\Exposure\PlanKind;
use Psr\Clock\ClockInterface;

/** Reads a year of a dog, plan by plan: one query for the trials of each kind of work. */
final readonly class DogRecordReader
{
    private const DAYS = 365;

    private const MOST_PLANS = 20;

    private const MOST_SESSIONS = 200;

    public function __construct(private SituationReader $situations, private TrialReader $trials, private ClockInterface $clock)
    {
    }

    public function of(Dog $dog): DogRecord
    {
        $now = $this->clock->now();
        $since = $now->modify('-'.self::DAYS.' days');
        $plans = $dog->plans()->with(['responseModel.trigger', 'responseModel.person', 'item', 'steps'])->orderBy('plans.name')
            ->orderBy('plans.id')->limit(self::MOST_PLANS)->get();
        $all = Session::query()->whereIn('plan_id', $plans->modelKeys())->where('started_at', '>=', $since)->count();
        $sessions = Session::query()->whereIn('plan_id', $plans->modelKeys())->where('started_at', '>=', $since)
            ->orderByDesc('started_at')->limit(self::MOST_SESSIONS)->get(['id', 'plan_id', 'started_at'])->reverse();
        $trials = [];
        foreach (PlanKind::cases() as $kind) {
            $ofKind = $plans->filter(static fn (Plan $plan): bool => $plan->responseModel->kind === $kind)->modelKeys();
            $trials += $this->trials->ofSessions(
                $kind, array_values($sessions->whereIn('plan_id', $ofKind)->map(static fn (Session $one): int => $one->id)->all()),
            );
        }

        return new DogRecord($dog, $since, $now, array_values($plans->map(fn (Plan $plan): PlanRecord => new PlanRecord(
            $plan, $this->situations->ofPlan($plan, $now),
            array_values($sessions->where('plan_id', $plan->id)->map(static fn (Session $one): array => [
                'id' => $one->id, 'at' => $one->started_at, 'trials' => $trials[$one->id] ?? [],
            ])->all()),
        ))->all()), max($all - self::MOST_SESSIONS, 0), max($dog->plans()->count() - self::MOST_PLANS, 0));
    }
}
