<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Plan;
use App\Models\Session;
use App\Support\Fields;
use Core\Decision\Condition;
use Core\Decision\History;
use Core\Decision\LoggedTrial;
use Core\Decision\SessionLog;
use Core\Decision\Situation;
use Core\Decision\SituationAssembly;
use Core\Decision\WorkingPlan;
use Core\Exposure\LoadScale;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Response\Spread;
use Core\Response\WarmStart;
use Illuminate\Contracts\Cache\Repository;

/** Gathers all that a decision looks at: plan, history, model and today's trials. */
final readonly class SituationReader
{
    public function __construct(
        private SituationAssembly $assembly,
        private PlanReader $plans,
        private EvidenceReader $evidence,
        private ModelBuilder $builder,
        private SessionContexts $contexts,
        private PracticeZones $zones,
        private Repository $cache,
    ) {
    }

    /** @param  list<LoggedTrial>  $trials  today's, in their order */
    public function ofSession(Session $session, array $trials, \DateTimeImmutable $now): Situation
    {
        $context = $this->contexts->of($session);
        $last = $session->sets->last();
        $log = new SessionLog(
            $session->started_at->setTimezone($context->zone), $last?->started_at, $trials, $session->upset, self::condition($session),
            stricter: $context->stricter,
        );

        return $this->assembly->situation(
            $context->inCore->withRoom((new Setting($context->place))->room()), $context->history, $log, $context->earlier, $now,
            self::start($session->mode ?? $context->lastMode), Spread::fromArray($session->mode ?? []),
        );
    }

    /**
     * As a session that began now would find it.
     *
     * @param  ?Setting  $setting  place and upset; null for the plan's own place
     */
    public function ofPlan(Plan $plan, \DateTimeImmutable $now, ?Setting $setting = null): Situation
    {
        $setting ??= new Setting($plan->place);
        $inCore = $this->plans->read($plan)->withRoom($setting->room());
        [$earlier, $history, $lastMode] = $this->contexts->past($plan, $inCore, $setting, $now);
        $log = new SessionLog($now->setTimezone($this->zones->of($plan->practice_id)), null, [], $setting->upset);

        return $this->assembly->situation(
            $inCore, $history, $log, $earlier, $now, self::start($lastMode), $this->spread($plan, $inCore, $earlier),
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

        return $this->cache->remember("contradictions {$plan->id} ".EvidenceStamp::of($plan, $inCore), EvidenceStamp::SECONDS,
            function () use ($plan, $now, $inCore): array {
                [, $scale, $earlier] = $this->evidence($plan, $now);

                return $inCore->builder($this->builder)->contradictions(
                    $scale, $inCore->isReferenceStated, $earlier, new SessionEvidence($now, []),
                );
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
        $inCore = $this->plans->read($plan)->withRoom((new Setting($plan->place))->room());
        [$earlier, $summaries, $lastAt] = $this->contexts->earlier($plan, null, $now, $inCore);
        $spread = $this->spread($plan, $inCore, $earlier);
        $model = $this->assembly->model($inCore, $earlier, new SessionEvidence($now, []), null, $spread);

        return $model === null ? null : new PlanBasis($inCore, $earlier, $summaries, $lastAt, $spread, $model);
    }

    private static function condition(Session $session): Condition
    {
        $told = Fields::of($session->checklist);

        return Condition::told($told->text('state'), $told->text('noise'), $told->isOn('ground_hot'), $told->isOn('gear_off'));
    }

    /**
     * Kept until a session comes or one before the newest changes: it takes several fits. How far days lie apart, today's trials do not
     * say: the first advice of a session settles it for all of it.
     *
     * @param  list<SessionEvidence>  $earlier
     */
    private function spread(Plan $plan, WorkingPlan $inCore, array $earlier): Spread
    {
        $before = array_slice($earlier, 0, -1);
        $known = hash('xxh128', serialize([$inCore->withRoom(null), $before, array_map(
            static fn (SessionEvidence $newest): \DateTimeImmutable => $newest->startedAt, array_slice($earlier, -1),
        )]));

        return $this->cache->remember("spread {$plan->id} {$known}", EvidenceStamp::SECONDS,
            fn (): Spread => $inCore->builder($this->builder)->spread(
                $inCore->scale($earlier), $inCore->isReferenceStated, $inCore->fineAt, $earlier,
            ));
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
