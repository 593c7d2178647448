<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Assessment;
use App\Models\Plan;
use App\Models\Session;
use Core\Decision\CarryOver;
use Core\Decision\History;
use Core\Decision\LoggedTrial;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Exposure\LoadScale;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\Parameters;
use Core\Response\SessionEvidence;
use Illuminate\Contracts\Cache\Repository;

/** Gathers all that a decision looks at: plan, history, model and today's trials. */
final readonly class SituationReader
{
    /** Sessions that a plan's history remembers. */
    private const MAX_SESSIONS = 400;

    private const KEPT_SECONDS = 14_400;

    /** Sessions whose changes are remembered. */
    private const MAX_CHANGES = 40;

    public function __construct(
        private CoreCatalogs $catalogs,
        private PlanReader $plans,
        private EvidenceReader $evidence,
        private ModelBuilder $builder,
        private Repository $cache,
    ) {
    }

    /**
     * @param  list<LoggedTrial>  $trials  today's, in their order
     * @param  ?Session  $session  null where a session has yet to be started
     * @param  ?Setting  $setting  place and upset of a session yet to be started
     */
    public function read(Plan $plan, ?Session $session, array $trials, \DateTimeImmutable $now, ?Setting $setting = null): Situation
    {
        $inCore = $this->plans->read($plan);
        $startedAt = $session !== null ? $session->started_at : $now;
        $setting ??= $session === null ? new Setting($plan->place) : new Setting($session->place_id === $plan->place_id ? $plan->place : $session->place, $session->upset);
        [$earlier, $summaries, $lastAt, $lastMode, $places] = $this->earlierOf($plan, $session, $startedAt);
        $log = new SessionLog($startedAt, $session?->sets->last()?->started_at, $trials, $setting->upset);
        $days = $lastAt === null ? null : max(0.0, ($startedAt->getTimestamp() - $lastAt->getTimestamp()) / 86400.0);

        return new Situation(
            $inCore->catalog,
            $this->catalogs->signs,
            $inCore->ladder,
            $inCore->settings->withRoom($setting->room()),
            History::ofSessions($summaries, $days, $plan->resting_reason, CarryOver::points($setting->upset), $setting->isNewAmong($places), $plan->handed_over_held),
            $log,
            $this->model($inCore, $earlier, $log->evidence(), $session->mode ?? $lastMode, $session === null ? $this->daySpread($plan, $inCore, $earlier) : self::daySpreadOf($session)),
            $now,
        );
    }

    /**
     * Dimensions whose order this dog's trials contradict.
     *
     * @return array<string, array{slope: float, standardError: float}> by dimension key
     */
    public function contradictions(Plan $plan, \DateTimeImmutable $now): array
    {
        $inCore = $this->plans->read($plan);

        return $this->cache->remember("contradictions {$plan->id} {$this->stamp($plan, $inCore)}", self::KEPT_SECONDS, function () use ($plan, $now, $inCore): array {
            [, $scale, $earlier] = $this->evidence($plan, $now);

            return $this->builder->contradictions($scale, $inCore->referenceStated, $earlier, new SessionEvidence($now, []));
        });
    }

    /**
     * @param  int  $atLeast  sessions to look at even if they have faded
     * @return array{PlanInCore, LoadScale, list<SessionEvidence>} all that the model of a plan learns from, oldest first
     */
    public function evidence(Plan $plan, \DateTimeImmutable $now, int $atLeast = 0): array
    {
        $inCore = $this->plans->read($plan);
        $earlier = $this->evidence->ofModel($plan->responseModel, $now, atLeast: $atLeast);

        return [$inCore, $this->scale($inCore, $earlier), $earlier];
    }

    /**
     * What earlier sessions left, kept while a session runs: it is the same after every one of its trials.
     *
     * @return array{list<SessionEvidence>, list<SessionSummary>, ?\DateTimeImmutable, mixed, list<?int>}
     */
    private function earlierOf(Plan $plan, ?Session $session, \DateTimeImmutable $before): array
    {
        return $session === null
            ? $this->earlier($plan, null, $before)
            : $this->cache->remember(self::key($plan->response_model_id, $session, $this->cache), self::KEPT_SECONDS, fn (): array => $this->earlier($plan, $session, $before));
    }

    /** A session has changed: what other sessions of the same model keep of it is read afresh. */
    public function changed(Session $session): void
    {
        $this->note($session->plan->response_model_id, $session->id);
    }

    /** Another ladder: where earlier sessions held and failed has moved. */
    public function planChanged(Plan $plan): void
    {
        $this->note($plan->response_model_id, 0);
    }

    /** Changes whenever the plan's ladder or its dog's own orders do, or anything is logged, corrected or assessed that its model learns from. */
    public function stamp(Plan $plan, PlanInCore $inCore): string
    {
        $changes = self::changes($this->cache, $plan->response_model_id);

        return "{$plan->created_at?->getTimestamp()} {$plan->version} {$plan->response_model_id} ".($changes === [] ? 0 : max($changes)).' '.(int) Assessment::query()->where('response_model_id', $plan->response_model_id)->max('id').' '.hash('xxh128', serialize($inCore->catalog));
    }

    private function note(int $responseModelId, int $sessionId): void
    {
        $this->cache->forever("evidence-changed {$responseModelId}", array_slice([$sessionId => hrtime(true)] + self::changes($this->cache, $responseModelId), 0, self::MAX_CHANGES, true));
    }

    /** With the time it began: another database may give the same number to another session. */
    private static function key(int $responseModelId, Session $session, Repository $cache): string
    {
        $others = array_diff_key(self::changes($cache, $responseModelId), [$session->id => true]);

        return "earlier {$session->id} {$session->started_at->getTimestampMs()} ".($others === [] ? 0 : max($others));
    }

    /** @return array<int, int> when each session changed last, the latest first */
    private static function changes(Repository $cache, int $responseModelId): array
    {
        $changes = $cache->get("evidence-changed {$responseModelId}");

        return is_array($changes) ? array_filter($changes, is_int(...)) : [];
    }

    /** @return array{list<SessionEvidence>, list<SessionSummary>, ?\DateTimeImmutable, mixed, list<?int>} oldest first; summaries, last start and places of this plan only; the mode of the newest */
    private function earlier(Plan $plan, ?Session $session, \DateTimeImmutable $before): array
    {
        $earlier = Session::query()->toBase()->where('started_at', '<', $before->format('Y-m-d H:i:s.v'))->where('id', '<>', $session->id ?? 0)->whereNotNull('evidence')->orderByDesc('started_at')->orderByDesc('id');
        $rows = (clone $earlier)->where('plan_id', $plan->id)->limit(self::MAX_SESSIONS)->get(['place_id', 'started_at', 'summary']);
        $summaries = $places = [];
        foreach ($rows->reverse() as $row) {
            $summaries[] = SummaryJson::decode((string) $row->summary);
            $places[] = $row->place_id === null ? null : (int) $row->place_id;
        }
        $mode = $earlier->whereIn('plan_id', Plan::query()->withTrashed()->toBase()->where('response_model_id', $plan->response_model_id)->select('id'))->value('mode');
        $newest = $rows->first();

        return [$this->evidence->ofModel($plan->responseModel, $before, $session?->id), $summaries, $newest === null ? null : self::utc((string) $newest->started_at), is_string($mode) ? json_decode($mode, true) : null, $places];
    }

    /**
     * @param  list<SessionEvidence>  $earlier
     * @param  mixed  $lastMode  parameters to start from, as the adviser keeps them
     * @param  ?float  $daySd  as worked out with this session's first advice
     */
    private function model(PlanInCore $plan, array $earlier, SessionEvidence $today, mixed $lastMode, ?float $daySd): ?DogModel
    {
        $scale = $this->scale($plan, [...$earlier, $today]);

        return $this->builder->build($scale, $plan->referenceStated, $plan->fineAt, $earlier, $today, self::start($scale, $lastMode), $daySd);
    }

    /** @param  list<SessionEvidence>  $sessions */
    private function scale(PlanInCore $plan, array $sessions): LoadScale
    {
        $keys = array_fill_keys($plan->dimensions(), true);
        foreach ($sessions as $session) {
            foreach ($session->rows as $row) {
                $keys += $row->exposure->values;
            }
        }

        return LoadScale::of($plan->catalog, $plan->reference, array_keys($keys), $plan->reactsTo);
    }

    /**
     * Kept until anything is logged: it takes several fits.
     *
     * @param  list<SessionEvidence>  $earlier
     */
    private function daySpread(Plan $plan, PlanInCore $inCore, array $earlier): float
    {
        return $this->cache->remember("day-spread {$plan->id} {$this->stamp($plan, $inCore)}", self::KEPT_SECONDS, fn (): float => $this->builder->daySpread($this->scale($inCore, $earlier), $inCore->referenceStated, $inCore->fineAt, $earlier));
    }

    /** The spread of days depends on earlier sessions only, so the first advice of a session settles it for all of it. */
    private static function daySpreadOf(Session $session): ?float
    {
        $kept = $session->mode['daySd'] ?? null;

        return is_int($kept) || is_float($kept) ? (float) $kept : null;
    }

    /** A warm start, only where the parameters mean the same. */
    private static function start(LoadScale $scale, mixed $lastMode): ?Parameters
    {
        if (! is_array($lastMode) || $lastMode['dimensions'] !== $scale->keys() || ! is_array($lastMode['theta']) || $lastMode['theta'] === []) {
            return null;
        }

        return new Parameters(array_map(floatval(...), array_values($lastMode['theta'])), [], 4);
    }

    private static function utc(string $time): \DateTimeImmutable
    {
        return new \DateTimeImmutable($time, new \DateTimeZone('UTC'));
    }
}
