<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Place;
use App\Models\Plan;
use App\Models\Session;
use App\Support\Fields;
use Core\Decision\CarryOver;
use Core\Decision\History;
use Core\Decision\SessionSummary;
use Core\Decision\WorkingPlan;
use Core\Measure\CalendarDay;
use Core\Response\SessionEvidence;
use Illuminate\Contracts\Cache\Repository;

/**
 * Reads what stays the same after every trial of a session once, and keeps it under a hash of the very rows it was read from. So one
 * query after a trial tells whether it still stands, on whatever machine it was kept or changed; nobody has to tell anybody.
 */
final class SessionContexts
{
    /** Sessions that a plan's history remembers. */
    private const MAX_SESSIONS = 400;

    /** @var \WeakMap<Session, SessionContext> read in this request */
    private \WeakMap $read;

    public function __construct(
        private readonly PlanFacts $facts,
        private readonly Repository $cache,
        private readonly PlanReader $plans,
        private readonly EvidenceReader $evidence,
        private readonly SinceLastSession $since,
        private readonly PracticeZones $zones,
    ) {
        $this->read = new \WeakMap;
    }

    /** Kept, or read now; the session is given what was read of it. */
    public function of(Session $session): SessionContext
    {
        $known = $this->read[$session] ?? null;
        if ($known !== null && self::stands($known, $session)) {
            return $known;
        }
        $context = $this->cache->remember(
            "context {$session->id} {$this->hash($session)}", EvidenceStamp::SECONDS, fn (): SessionContext => $this->fresh($session),
        );
        $session->setRelation('plan', $context->plan)->setRelation('place', $context->place)->setRelation('sets', $context->sets);
        $this->plans->keep($context->plan, $context->inCore, $context->stepIds);

        return $this->read[$session] = $context;
    }

    /** Within one request: until it changes the plan itself, as after a bite, or gives up the sets, as after a break. */
    private static function stands(SessionContext $context, Session $session): bool
    {
        return $session->relationLoaded('sets') && $session->relationLoaded('plan') && $session->plan === $context->plan
            && ! $context->plan->wasChanged();
    }

    /**
     * What earlier sessions left of a plan.
     *
     * @return array{list<SessionEvidence>, list<SessionSummary>, ?\DateTimeImmutable, mixed, list<?int>} oldest first; summaries, last
     *    start and places of this plan only; the mode of the newest
     */
    public function earlier(Plan $plan, ?Session $session, \DateTimeImmutable $before, WorkingPlan $inCore): array
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
        $mode = $earlier->whereIn('plan_id', Plan::ofModel($plan->response_model_id))->value('mode');
        $newest = $rows->first();

        return [
            $this->evidence->ofModel($plan->responseModel, $before, $session?->id), $summaries,
            $newest === null ? null : new \DateTimeImmutable($newest->text('started_at'), new \DateTimeZone('UTC')),
            is_string($mode) ? json_decode($mode, true) : null, $places,
        ];
    }

    /**
     * The same with what comes of it for a session that began now: kept for its day, until anything changes that it is made of.
     *
     * @return array{list<SessionEvidence>, History, mixed} oldest first; the mode of the newest
     */
    public function past(Plan $plan, WorkingPlan $inCore, Setting $setting, \DateTimeImmutable $now): array
    {
        $day = $now->setTimezone($this->zones->of($plan->practice_id))->format('Y-m-d');
        $facts = $plan->exists ? $this->facts->of([$plan->id], $now)[$plan->id] ?? '' : '';
        $key = "past {$plan->id} {$facts} {$day} {$setting->upset} {$setting->place?->id}";

        return $this->cache->remember($key, EvidenceStamp::SECONDS, function () use ($plan, $inCore, $setting, $now): array {
            [$earlier, $summaries, $lastAt, $lastMode, $places] = $this->earlier($plan, null, $now, $inCore);

            return [$earlier, $this->history($plan, $inCore, $setting, $now, $summaries, $lastAt, $places), $lastMode];
        });
    }

    /**
     * @param  list<SessionSummary>  $summaries  oldest first
     * @param  list<?int>  $places
     */
    private function history(
        Plan $plan, WorkingPlan $inCore, Setting $setting, \DateTimeImmutable $startedAt, array $summaries, ?\DateTimeImmutable $lastAt,
        array $places,
    ): History {
        $zone = $this->zones->of($plan->practice_id);

        return History::ofSessions(
            $summaries,
            $lastAt === null ? null
                : (float) max(0, CalendarDay::between($lastAt->setTimezone($zone), $startedAt->setTimezone($zone))),
            $plan->resting_reason, CarryOver::points($setting->upset), $setting->isNewAmong($places),
            $plan->handed_over_held, $this->since->reactions($plan->responseModel->dog_id, $lastAt, $startedAt),
            $this->since->tested($plan->responseModel, $inCore, $lastAt, $startedAt),
        );
    }

    private function fresh(Session $session): SessionContext
    {
        $plan = Plan::query()->withTrashed()->with(
            ['responseModel.dog.intake', 'responseModel.dog.practice', 'responseModel.trigger'],
        )->findOrFail($session->plan_id);
        $place = $session->place_id === null ? null : Place::query()->find($session->place_id);
        $setting = new Setting($place, $session->upset);
        $inCore = $this->plans->read($plan);
        [$earlier, $summaries, $lastAt, $lastMode, $places] = $this->earlier($plan, $session, $session->started_at, $inCore);

        return new SessionContext(
            $plan, $place, $session->sets()->get(), $inCore, $this->plans->stepIds($plan), $this->zones->of($plan->practice_id), $earlier,
            $this->history($plan, $inCore, $setting, $session->started_at, $summaries, $lastAt, $places), $lastMode,
            $session->user->stricter ?? 0.0,
        );
    }

    /** With the time it began: another database may give the same number to another session. */
    private function hash(Session $session): string
    {
        $facts = $this->facts->of([$session->plan_id], $session->started_at, $session);

        return hash('xxh128', serialize([$session->started_at->format('Uv'), $session->upset, $session->place_id, $facts]));
    }
}
