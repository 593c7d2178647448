<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Plan;
use Core\Decision\CarryOver;
use Core\Decision\RuleBook;
use Illuminate\Contracts\Cache\Repository;

/** What many plans would start with today: kept for the day, until anything changes that it rests on; one query sees whether it did. */
final readonly class PlanStarts
{
    private const SECONDS = 86_400;

    public function __construct(
        private PlanFacts $facts, private SituationReader $situations, private PracticeZones $zones, private Repository $cache,
    ) {
    }

    /**
     * @param  list<Plan>  $plans
     * @param  array<int, CarryOver>  $upsets  by dog
     * @return array<int, PlanStart> by plan
     */
    public function of(array $plans, array $upsets, \DateTimeImmutable $now): array
    {
        $facts = $this->facts->of(array_map(static fn (Plan $plan): int => $plan->id, $plans), $now);
        $starts = [];
        foreach ($plans as $plan) {
            // as a session that is started now would be told
            $upset = round($upsets[$plan->responseModel->dog_id]->upset, 3);
            $day = $now->setTimezone($this->zones->of($plan->practice_id))->format('Y-m-d');
            $starts[$plan->id] = $this->cache->remember("start {$plan->id} {$facts[$plan->id]} {$day} {$upset}", self::SECONDS,
                function () use ($plan, $now, $upset): PlanStart {
                    $situation = $this->situations->ofPlan($plan, $now, new Setting($plan->place, $upset));

                    return new PlanStart(
                        RuleBook::standard()->decide($situation), $situation->catalog, $situation->history->solidStep,
                        $situation->ladder->top() + 1,
                    );
                });
        }

        return $starts;
    }
}
