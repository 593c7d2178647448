<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\EvidenceJson;
use App\Engine\EvidenceStamp;
use App\Engine\PlanReader;
use App\Engine\SummaryJson;
use App\Engine\TrialReader;
use App\Models\Session;
use App\Models\User;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;

/** Trials of sessions that are long over: written at once and without advice, with what later sessions learn of them. */
final readonly class KeepPastTrials
{
    public function __construct(
        private TrialWriter $writer, private TrialReader $trials, private PlanReader $plans,
    ) {
    }

    /** @param  list<IncomingTrial>  $trials  none of them known */
    public function into(Session $session, User $user, array $trials, int $importId): void
    {
        if ($trials !== []) {
            $this->writer->insertMany($session, $user, $trials, $importId);
        }
        $this->derive($session);
    }

    /** Evidence and summary from the trials as they stand. */
    public function derive(Session $session): void
    {
        $plan = $this->plans->read($session->plan);
        $log = $plan->log(new SessionLog(
            $session->started_at->setTimezone($session->plan->responseModel->dog->practice->zone()), null,
            array_values($this->trials->ofSession($session)->trials), $session->upset, stricter: $session->user->stricter ?? 0.0,
        ));
        Session::query()->toBase()->where('id', $session->id)->update([
            'evidence' => EvidenceJson::encode($log->evidence()),
            'summary' => SummaryJson::encode(SessionSummary::of($log, $plan->ladder)),
            'revised_at' => EvidenceStamp::now(),
        ]);
    }
}
