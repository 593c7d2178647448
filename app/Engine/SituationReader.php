<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Plan;
use App\Models\Session;
use App\Support\Fields;
use Core\Decision\CarryOver;
use Core\Decision\Condition;
use Core\Decision\History;
use Core\Decision\LoggedTrial;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Decision\SituationAssembly;
use Core\Decision\WorkingPlan;
use Core\Exposure\LoadScale;
use Core\Measure\CalendarDay;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Response\WarmStart;
use Illuminate\Contracts\Cache\Repository;

/** Gathers all that a decision looks at: plan, history, model and today's trials. */
final readonly class SituationReader
{
    /** Sessions that a plan's history remembers. */
    private const MAX_SESSIONS = 400;

    public function __construct(
        private SituationAssembly $assembly,
        private PlanReader $plans,
        private EvidenceReader $evidence,
        private ModelBuilder $builder,
        private ModelChanges $changes,
        private SinceLastSession $since,
        private PracticeZones $zones,
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
        $startedAt = $session !== null ? $session->started_at : $now;
        $setting ??= self::setting($plan, $session);
        $inCore = $this->plans->read($plan)->withRoom($setting->room());
        [$earlier, $summaries, $lastAt, $lastMode, $places] = $this->earlierOf($plan, $session, $startedAt, $inCore);
        $zone = $this->zones->of($plan->practice_id);
        $here = $startedAt->setTimezone($zone);
        $log = new SessionLog($here, $session?->sets->last()?->started_at, $trials, $setting->upset, self::condition($session));
        $days = $lastAt === null ? null : (float) max(0, CalendarDay::between($lastAt->setTimezone($zone), $here));
        $history = History::ofSessions(
            $summaries, $days, $plan->resting_reason, CarryOver::points($setting->upset), $setting->isNewAmong($places),
            $plan->handed_over_held, $this->since->reactions($plan->responseModel->dog_id, $lastAt, $startedAt),
            $this->since->tested($plan->responseModel, $inCore, $lastAt, $startedAt),
        );
        $daySd = $session === null ? $this->daySpread($plan, $inCore, $earlier) : Fields::of($session->mode)->numberOrNull('daySd');

        return $this->assembly->situation($inCore, $history, $log, $earlier, $now, self::start($session->mode ?? $lastMode), $daySd);
    }

    /**
     * Dimensions whose order this dog's trials contradict.
     *
     * @return array<string, array{slope: float, standardError: float}> by dimension key
     */
    public function contradictions(Plan $plan, \DateTimeImmutable $now): array
    {
        $inCore = $this->plans->read($plan);

        return $this->cache->remember("contradictions {$plan->id} {$this->changes->stamp($plan, $inCore)}", ModelChanges::SECONDS,
            function () use ($plan, $now, $inCore): array {
                [, $scale, $earlier] = $this->evidence($plan, $now);

                return $this->builder->contradictions($scale, $inCore->isReferenceStated, $earlier, new SessionEvidence($now, []));
            });
    }

    /**
     * @param  int  $atLeast  sessions to look at even if they have faded
     * @return array{WorkingPlan, LoadScale, list<SessionEvidence>} all that the model of a plan learns from, oldest first
     */
    public function evidence(Plan $plan, \DateTimeImmutable $now, int $atLeast = 0): array
    {
        $inCore = $this->plans->read($plan);
        $earlier = $this->evidence->ofModel($plan->responseModel, $now, atLeast: $atLeast);

        return [$inCore, $inCore->scale($earlier), $earlier];
    }

    /** All from which a plan's future is drawn; null where nothing could be fitted. */
    public function basis(Plan $plan, \DateTimeImmutable $now): ?PlanBasis
    {
        $inCore = $this->plans->read($plan)->withRoom(self::setting($plan, null)->room());
        [$earlier, $summaries, $lastAt] = $this->earlier($plan, null, $now, $inCore);
        $daySd = $this->daySpread($plan, $inCore, $earlier);
        $model = $this->assembly->model($inCore, $earlier, new SessionEvidence($now, []), null, $daySd);

        return $model === null ? null : new PlanBasis($inCore, $earlier, $summaries, $lastAt, $daySd, $model);
    }

    private static function condition(?Session $session): Condition
    {
        $told = Fields::of($session?->checklist);

        return Condition::told($told->text('state'), $told->text('noise'), $told->isOn('ground_hot'), $told->isOn('gear_off'));
    }

    private static function setting(Plan $plan, ?Session $session): Setting
    {
        return match (true) {
            $session === null => new Setting($plan->place),
            $session->place_id === $plan->place_id => new Setting($plan->place, $session->upset), // loaded already
            default => new Setting($session->place, $session->upset),
        };
    }

    /**
     * What earlier sessions left, kept while a session runs: it is the same after every one of its trials.
     *
     * @return array{list<SessionEvidence>, list<SessionSummary>, ?\DateTimeImmutable, mixed, list<?int>}
     */
    private function earlierOf(Plan $plan, ?Session $session, \DateTimeImmutable $before, WorkingPlan $inCore): array
    {
        return $session === null
            ? $this->earlier($plan, null, $before, $inCore)
            : $this->cache->remember(
                'earlier '.$this->changes->stampOfOthers($session, $plan->response_model_id), ModelChanges::SECONDS,
                fn (): array => $this->earlier($plan, $session, $before, $inCore),
            );
    }

    /**
     * @return array{list<SessionEvidence>, list<SessionSummary>, ?\DateTimeImmutable, mixed, list<?int>} oldest first; summaries, last
     *    start and places of this plan only; the mode of the newest
     */
    private function earlier(Plan $plan, ?Session $session, \DateTimeImmutable $before, WorkingPlan $inCore): array
    {
        $earlier = Session::query()
            ->toBase()->where('started_at', '<', $before->format('Y-m-d H:i:s.v'))->where('id', '<>', $session->id ?? 0)
            ->whereNotNull('evidence')->orderByDesc('started_at')->orderByDesc('id');
        $rows = (clone $earlier)
            ->where('plan_id', $plan->id)->limit(self::MAX_SESSIONS)->get(['place_id', 'started_at', 'summary'])->map(Fields::of(...));
        $summaries = $places = [];
        foreach ($rows->reverse() as $row) {
            $summaries[] = SummaryJson::decode($row->text('summary'), $inCore->catalog, $inCore->ladder);
            $places[] = $row->intOrNull('place_id');
        }
        $mode = $earlier->whereIn('plan_id', Plan::query()->withTrashed()->toBase()->where(
            'response_model_id', $plan->response_model_id,
        )->select('id'))->value('mode');
        $newest = $rows->first();

        return [
            $this->evidence->ofModel($plan->responseModel, $before, $session?->id), $summaries,
            $newest === null ? null : new \DateTimeImmutable($newest->text('started_at'), new \DateTimeZone('UTC')),
            is_string($mode) ? json_decode($mode, true) : null, $places,
        ];
    }

    /**
     * Kept until anything is logged: it takes several fits. The spread of days depends on earlier sessions only, so the first
     * advice of a session settles it for all of it.
     *
     * @param  list<SessionEvidence>  $earlier
     */
    private function daySpread(Plan $plan, WorkingPlan $inCore, array $earlier): float
    {
        return $this->cache->remember(
            "day-spread {$plan->id} {$this->changes->stamp($plan, $inCore)}", ModelChanges::SECONDS,
            fn (): float => $this->builder->daySpread($inCore->scale($earlier), $inCore->isReferenceStated, $inCore->fineAt, $earlier),
        );
    }

    /** @param  mixed  $mode  as the adviser stored it */
    private static function start(mixed $mode): ?WarmStart
    {
        $stored = Fields::of($mode);
        $theta = array_values(array_filter($stored->list('theta'), is_numeric(...)));

        return $theta === []
            ? null
            : new WarmStart($stored->texts('dimensions'), array_map(static fn (int|float|string $value): float => (float) $value, $theta));
    }
}
