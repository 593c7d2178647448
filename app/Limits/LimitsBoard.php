<?php

declare(strict_types=1);

namespace App\Limits;

use App\Advice\SituationReader;
use App\Advice\SummaryJson;
use App\Models\AdviceGiven;
use App\Models\Plan;
use App\Models\Session;
use App\Models\Trial;
use Core\Decision\History;
use Core\Insight\LatencyByDistance;
use Core\Insight\LoadShare;
use Core\Insight\Pace;
use Core\Insight\ResponseCurve;
use Core\Insight\Trend;
use Core\Ladder\Step;
use Core\Measure\DistanceUnit;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Sign\TurnLatency;
use Illuminate\Contracts\Cache\Repository;
use Psr\Clock\ClockInterface;

/** What has been learned of one dog and trigger: the limit over time, curves before and after, what makes it hard, how fast it turns, how far the goal is. */
final readonly class LimitsBoard
{
    private const KEPT_SECONDS = 86_400;

    private const MOST_SESSIONS = 400;

    private const POINTS = 41;

    public function __construct(private SituationReader $situations, private ModelBuilder $builder, private Repository $cache, private ClockInterface $clock)
    {
    }

    /** @return array<string, mixed> */
    public function of(Plan $plan, DistanceUnit $unit): array
    {
        $now = $this->clock->now();
        [$inCore, $scale, $sessions] = $this->situations->evidence($plan, $unit, $now);
        $situation = $this->situations->read($plan, null, [], $now, $unit);
        $exposure = $inCore->ladder->step(0)->exposure;
        $key = $inCore->catalog->plan->leads();
        $isAlong = isset($exposure->values[$key]);
        $blank = $this->builder->build($scale, $inCore->referenceStated, $inCore->fineAt, [], new SessionEvidence($now, []));
        [$easy, $hard] = $isAlong ? self::ends($inCore->ladder->steps, $key, $inCore->catalog->dimension($key)->range() ?? [0.0, 1.0]) : [0.0, 0.0];
        $curve = static fn (?DogModel $model): ?ResponseCurve => $model === null || ! $isAlong || $easy === $hard ? null : ResponseCurve::of($model, $exposure, $key, $easy, $hard, Day::Typical, self::POINTS);

        return [
            'situation' => $situation,
            'key' => $key,
            'trend' => $isAlong && $sessions !== [] ? $this->trend($plan, fn (): Trend => Trend::of($this->builder, $scale, $inCore->referenceStated, $inCore->fineAt, $sessions, $exposure, $key, $inCore->settings->limits)) : null,
            'before' => $curve($blank),
            'after' => $curve($situation->model),
            'shares' => $situation->model === null ? [] : LoadShare::between($situation->model, $exposure, $inCore->ladder->step($inCore->ladder->top())->exposure),
            'latencies' => $key === 'distance' ? $this->latencies($plan) : [],
            'pace' => Pace::of($this->held($plan), $inCore->ladder->top()),
            'left' => $inCore->ladder->top() - $situation->history->heldStep,
            'trials' => array_sum(array_map(static fn (SessionEvidence $session): int => array_sum(array_map(static fn ($row): int => $row->trials(), $session->rows)), $sessions)),
        ];
    }

    /**
     * Three ways of looking back over every session take a while: kept until anything is logged.
     *
     * @param  \Closure(): Trend  $work
     */
    private function trend(Plan $plan, \Closure $work): Trend
    {
        $latest = (int) AdviceGiven::query()->toBase()->join('sessions', 'sessions.id', '=', 'advice.session_id')->join('plans', 'plans.id', '=', 'sessions.plan_id')->where('plans.response_model_id', $plan->response_model_id)->max('advice.id');
        $trend = $this->cache->remember("trend {$plan->id} {$plan->created_at?->getTimestamp()} {$plan->version} {$latest}", self::KEPT_SECONDS, $work);

        return $trend instanceof Trend ? $trend : $work();
    }

    /**
     * @param  non-empty-list<Step>  $steps
     * @param  array{float, float}  $range  easy and hard end of the measure
     * @return array{float, float} of this ladder
     */
    private static function ends(array $steps, string $key, array $range): array
    {
        $values = array_map(static fn (Step $step): float => (float) ($step->exposure->values[$key] ?? 0.0), $steps);

        return $range[0] > $range[1] ? [max($values), min($values)] : [min($values), max($values)];
    }

    /** @return list<int> the hardest step held after each session of this plan, oldest first */
    private function held(Plan $plan): array
    {
        $summaries = [];
        $held = [];
        foreach (Session::query()->toBase()->where('plan_id', $plan->id)->whereNotNull('summary')->orderByDesc('started_at')->limit(self::MOST_SESSIONS)->pluck('summary')->reverse() as $json) {
            $summaries[] = SummaryJson::decode(is_string($json) ? $json : '');
            $held[] = History::ofSessions($summaries, null, null)->heldStep;
        }

        return $held;
    }

    /** @return list<array{from: float, to: float, median: float, trials: int}> seconds to turn, by classes of distance in meters, farthest first */
    private function latencies(Plan $plan): array
    {
        $rows = Trial::query()->toBase()->join('sessions', 'sessions.id', '=', 'trials.session_id')->join('plans', 'plans.id', '=', 'sessions.plan_id')
            ->join('trial_exposures', static fn ($join) => $join->on('trial_exposures.trial_id', '=', 'trials.id')->where('part', 'real')->where('dimension', 'distance'))
            ->where('plans.response_model_id', $plan->response_model_id)->where('handler_error', false)->where(static fn ($either) => $either->whereNotNull('latency_ms')->orWhereNotNull('latency'))
            ->orderByDesc('trials.id')->limit(2000)->get(['number', 'latency', 'latency_ms']);
        $timed = [];
        foreach ($rows as $row) {
            $seconds = $row->latency_ms === null ? TurnLatency::tryFrom((string) $row->latency)?->seconds() : (float) $row->latency_ms / 1000.0;
            if ($seconds !== null) {
                $timed[] = [(float) $row->number, $seconds];
            }
        }

        return LatencyByDistance::of($timed);
    }
}
