<?php

declare(strict_types=1);

namespace App\Plan;

use App\Engine\Corrections;
use App\Engine\ExposureColumns;
use App\Engine\PlanReader;
use App\Engine\SituationReader;
use App\Engine\TrendReader;
use App\Models\Plan;
use App\Models\Session;
use App\Models\Trial;
use App\Models\TrialCorrection;
use App\Models\TrialTrait;
use App\Models\User;
use App\Support\Fields;
use Core\Decision\Work;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Insight\LatencyByDistance;
use Core\Insight\LoadShare;
use Core\Insight\ResponseCurve;
use Core\Insight\SessionsToGoal;
use Core\Insight\TraitShare;
use Core\Insight\WorksWith;
use Core\Ladder\Step;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Sign\Outcome;
use Core\Sign\TurnLatency;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Psr\Clock\ClockInterface;

/**
 * What has been learned of one dog and trigger: the limit over time, curves before and after, what makes it hard, how fast it turns, how
 * far the goal is.
 */
final readonly class LimitsPage
{
    private const KEPT_SECONDS = 86_400;

    private const POINTS = 41;

    private const MAX_GRADERS = 5;

    /** Newest trials whose latency is looked at, of the newest sessions: of a dog with thousands nothing else is read. */
    private const MAX_LATENCIES = 1000;

    private const MAX_SESSIONS = 100;

    /** Sessions of the trend that stand in its table; the chart shows all. */
    private const TABLED = 24;

    public function __construct(
        private SituationReader $situations, private PlanReader $plans, private TrendReader $trends, private ModelBuilder $builder,
        private Repository $cache, private ClockInterface $clock,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Plan $plan): array
    {
        $now = $this->clock->now();
        $situation = $this->situations->ofPlan($plan, $now);
        $inCore = $this->plans->read($plan);
        $exposure = $inCore->ladder->step(0)->exposure;
        $key = DimensionKey::leading($inCore->catalog->plan)->value;
        $work = Work::of($inCore->catalog->plan);
        $isAlong = isset($exposure->values[$key]) && $work === Work::Exposure;
        $scale = $situation->model?->scale;
        [$trend, $stamp] = $this->trends->of($plan, $situation);
        $blank = $scale === null
            ? null
            : $inCore->builder($this->builder)->build(
                $scale, $inCore->isReferenceStated, $inCore->fineAt, [], new SessionEvidence($now, []),
            );
        [$easy, $hard] = $isAlong
            ? self::ends($inCore->ladder->steps, $key, $inCore->catalog->dimension($key)->range() ?? [0.0, 1.0])
            : [0.0, 0.0];
        $curve = static fn (?DogModel $model): ?ResponseCurve => $model === null || ! $isAlong || $easy === $hard
            ? null
            : ResponseCurve::of($model, $exposure, $key, $easy, $hard, Day::Typical, self::POINTS);

        return [
            ...$this->kept($plan, $stamp, $situation->model),
            'trend' => $trend,
            'tabled' => self::TABLED,
            'situation' => $situation,
            'key' => $key,
            'before' => $curve($blank),
            'after' => $curve($situation->model),
            'shares' => $situation->model === null || $work === Work::Skill
                ? []
                : LoadShare::between($situation->model, $exposure, $inCore->ladder->step($inCore->ladder->top())->exposure),
            'pace' => SessionsToGoal::of($situation->history->solidAfter, $inCore->ladder->top()),
            'left' => $inCore->ladder->top() - $situation->history->solidStep,
            'trials' => $situation->history->trialsEver,
            'graders' => self::graders($plan),
        ];
    }

    /** @return list<array{name: string, stricter: float}> those who logged for it and are known to grade otherwise than others */
    private static function graders(Plan $plan): array
    {
        $known = User::query()->where('practice_id', $plan->practice_id)->where('stricter', '<>', 0.0)
            ->whereIn('id', Session::query()->toBase()->whereIn('plan_id', Plan::ofModel($plan->response_model_id))->select('user_id'))
            ->orderBy('name')->limit(self::MAX_GRADERS)->get(['id', 'name', 'stricter']);

        return array_values($known->map(static fn (User $user): array => ['name' => $user->name, 'stricter' => $user->stricter])->all());
    }

    /**
     * What takes a while over many trials is kept until anything is logged.
     *
     * @return array{latencies: array<mixed>, worksWith: array<mixed>, traits: array<mixed>}
     */
    private function kept(Plan $plan, string $stamp, ?DogModel $model): array
    {
        $kept = $this->cache->get("limits {$plan->id}");
        if (is_array($kept) && ($kept['stamp'] ?? null) === $stamp && is_array($kept['latencies'] ?? null)
            && is_array($kept['worksWith'] ?? null) && is_array($kept['traits'] ?? null)) {
            return ['latencies' => $kept['latencies'], 'worksWith' => $kept['worksWith'], 'traits' => $kept['traits']];
        }
        $newest = self::newestSessions($plan);
        $met = $this->met($plan, $newest);
        $told = WorksWith::of(array_map(static fn (array $trial): array => [
            'traits' => $trial['traits'], 'isCalm' => $trial['band']->isBelowThreshold(),
            'distance' => $trial['exposure']?->distance()?->meters,
        ], $met));
        $found = [
            'latencies' => $this->latencies($plan, $newest),
            'worksWith' => array_filter(array_column($told, 'trait')) === [] ? [] : $told,
            'traits' => $model === null ? [] : self::shares($model, $met),
        ];
        $this->cache->put("limits {$plan->id}", ['stamp' => $stamp, ...$found], self::KEPT_SECONDS);

        return $found;
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

    /**
     * @param  list<int>  $sessions  ids
     * @return list<array{from: float, to: float, median: float, trials: int}> seconds to turn, by classes of distance in meters, farthest
     *    first
     */
    private function latencies(Plan $plan, array $sessions): array
    {
        if ($plan->responseModel->kind !== PlanKind::Presence) {
            return [];
        }
        $rows = Trial::query()->toBase()
            ->join('trial_exposures', static fn (JoinClause $join): Builder => $join->on(
                'trial_exposures.trial_id', '=', 'trials.id',
            )->where('part', 'real')->where('dimension', 'distance'))
            ->whereIn('trials.session_id', $sessions)->where(
                static fn (Builder $either): Builder => $either->whereNotNull('latency_ms')->orWhereNotNull('latency'),
            )
            ->orderByDesc('trials.id')->limit(self::MAX_LATENCIES)
            ->selectRaw("latency, latency_ms, handler_error, CONCAT('distance=', number) AS exposure, ".Corrections::COLUMN)->get();
        $timed = [];
        $catalog = $this->plans->read($plan)->catalog;
        foreach (self::unspoilt($rows) as $row) {
            $milliseconds = $row->numberOrNull('latency_ms');
            $seconds = $milliseconds === null ? TurnLatency::tryFrom($row->text('latency'))?->seconds() : $milliseconds / 1000.0;
            if ($seconds !== null) {
                $timed[] = [self::meters($row, $catalog) ?? 0.0, $seconds];
            }
        }

        return LatencyByDistance::of($timed);
    }

    /**
     * @param  list<array{traits: list<string>, exposure: ?Exposure, band: Band}>  $met
     * @return array<string, TraitShare> by trait
     */
    private static function shares(DogModel $model, array $met): array
    {
        $placed = [];
        foreach ($met as $trial) {
            if ($trial['exposure']?->distance() !== null) {
                $placed[] = ['traits' => $trial['traits'], 'exposure' => $trial['exposure'], 'band' => $trial['band']];
            }
        }
        $shares = TraitShare::of($model, $placed);

        return array_combine(array_column($shares, 'trait'), $shares);
    }

    /**
     * The latest trials of this dog, trigger and person, with who was met; nothing where nobody was ever noted.
     *
     * @param  list<int>  $sessions  ids
     * @return list<array{traits: list<string>, exposure: ?Exposure, band: Band}>
     */
    private function met(Plan $plan, array $sessions): array
    {
        if (! $this->hasTraits($plan)) {
            return [];
        }
        $rows = Trial::query()->toBase()->whereIn('trials.session_id', $sessions)
            ->orderByDesc('trials.id')->limit(self::MAX_LATENCIES)
            ->selectRaw("band, outcome, handler_error,
                (SELECT GROUP_CONCAT(dimension, '=', COALESCE(choice, number) SEPARATOR ';') FROM trial_exposures
                    WHERE trial_id = trials.id AND part = 'real') AS exposure,
                (SELECT GROUP_CONCAT(trait SEPARATOR ';') FROM trial_traits WHERE trial_id = trials.id) AS traits, ".Corrections::COLUMN)
            ->get();
        $trials = [];
        $catalog = $this->plans->read($plan)->catalog;
        foreach (self::unspoilt($rows) as $row) {
            if ($row->text('outcome') !== Outcome::Unnoticed->value) {
                $trials[] = [
                    'traits' => array_values(array_filter(explode(';', $row->text('traits')))),
                    'exposure' => $row->text('exposure') === '' ? null : ExposureColumns::fromText($row->text('exposure'), $catalog),
                    'band' => Band::from($row->int('band')),
                ];
            }
        }

        return $trials;
    }

    /** @return list<int> ids */
    private static function newestSessions(Plan $plan): array
    {
        return array_values(Session::query()->whereIn('plan_id', Plan::ofModel($plan->response_model_id))
            ->orderByDesc('started_at')->orderByDesc('id')->limit(self::MAX_SESSIONS)->get(['id'])
            ->map(static fn (Session $session): int => $session->id)->all());
    }

    /** Whether anybody ever noted who it was: most plans never do, and reading all their trials for nothing takes a while. */
    private function hasTraits(Plan $plan): bool
    {
        $ofModel = static fn (Builder $rows, string $id): Builder => $rows->join('trials', 'trials.id', '=', $id)
            ->join('sessions', 'sessions.id', '=', 'trials.session_id')->join('plans', 'plans.id', '=', 'sessions.plan_id')
            ->where('plans.response_model_id', $plan->response_model_id);

        return $ofModel(TrialTrait::query()->toBase(), 'trial_traits.trial_id')->exists()
            || $ofModel(TrialCorrection::query()->toBase(), 'trial_corrections.trial_id')
                ->whereRaw("JSON_CONTAINS_PATH(changes, 'one', '$.traits')")->exists();
    }

    /**
     * Trials as they stand, without those that the handler spoilt.
     *
     * @param  iterable<mixed>  $rows
     * @return list<Fields>
     */
    private static function unspoilt(iterable $rows): array
    {
        return array_values(array_filter(
            array_map(Fields::of(...), Corrections::standing($rows)), static fn (Fields $row): bool => ! $row->isOn('handler_error'),
        ));
    }

    private static function meters(Fields $row, DimensionCatalog $catalog): ?float
    {
        return $row->text('exposure') === ''
            ? null
            : ExposureColumns::fromText($row->text('exposure'), $catalog)->distance()?->meters;
    }
}
