<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Plan;
use Core\Decision\Situation;
use Core\Decision\Work;
use Core\Exposure\DimensionKey;
use Core\Insight\LookingBack;
use Core\Insight\Trend;
use Core\Response\ModelBuilder;
use Illuminate\Contracts\Cache\Repository;
use Psr\Clock\ClockInterface;

/** How the limit of a plan moved over its sessions: kept until anything is logged, and then only what that changed is worked out anew. */
final readonly class TrendReader
{
    private const KEPT_SECONDS = 86_400;

    public function __construct(
        private SituationReader $situations, private PlanReader $plans, private ModelBuilder $builder,
        private Repository $cache, private ClockInterface $clock,
    ) {
    }

    /**
     * Along the measure that leads, at the ladder's first step.
     *
     * @param  ?Situation  $situation  of the plan now, where it is read already
     * @return array{?Trend, string} null without a model or a measure that leads to risk; and what the plan is known by until anything is
     *    logged
     */
    public function of(Plan $plan, ?Situation $situation = null): array
    {
        $inCore = $this->plans->read($plan);
        $stamp = EvidenceStamp::of($plan, $inCore);
        if (Work::of($inCore->catalog->plan) !== Work::Exposure) {
            // centimeters of a hand are no scale of risk, and a skill has none
            return [null, $stamp];
        }
        $kept = $this->cache->get("trend {$plan->id}");
        $kept = is_array($kept) ? $kept : [];
        $trend = ($kept['trend'] ?? null) instanceof Trend ? $kept['trend'] : null;
        if (($kept['stamp'] ?? null) === $stamp) {
            return [$trend, $stamp];
        }
        $now = $this->clock->now();
        $scale = ($situation ?? $this->situations->ofPlan($plan, $now))->model?->scale;
        $exposure = $inCore->ladder->step(0)->exposure;
        $key = DimensionKey::leading($inCore->catalog->plan)->value;
        $sessions = $scale === null || ! isset($exposure->values[$key])
            ? []
            : $this->situations->evidence($plan, $now, Trend::MAX_SESSIONS)[2];
        $trend = $sessions === [] || $scale === null ? null : Trend::of(new LookingBack(
            $inCore->builder($this->builder), $scale, $inCore->isReferenceStated, $inCore->fineAt, $exposure, $key, $inCore->settings->caps,
        ), $sessions, $trend->steps ?? []);
        $this->cache->put("trend {$plan->id}", ['stamp' => $stamp, 'trend' => $trend], self::KEPT_SECONDS);

        return [$trend, $stamp];
    }
}
