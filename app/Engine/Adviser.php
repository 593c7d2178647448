<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\AdviceGiven;
use App\Models\Session;
use Core\Decision\Alternative;
use Core\Decision\RuleBook;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Measure\Probability;
use Core\Response\DogModel;
use Words\Facts;

/** Asks the core what to do and keeps what it said, with what later sessions need to know. */
final readonly class Adviser
{
    public function __construct(private CoreCatalogs $catalogs, private PlanReader $plans, private SessionStates $states)
    {
    }

    /** @param  ?int  $trialId the trial it follows; null for the advice a session starts with */
    public function advise(Session $session, Situation $situation, SessionTrials $trials, ?int $trialId): AdviceGiven
    {
        $advice = RuleBook::standard()->decide($situation);

        $given = new AdviceGiven([
            'practice_id' => $session->practice_id,
            'session_id' => $session->id,
            'trial_id' => $trialId,
            'step_id' => $advice->next === null ? null : $this->plans->stepId($session->plan, $advice->next->step),
            'action' => $advice->action,
            'exposure' => $advice->next?->exposure->values,
            'reasons' => array_map(Facts::ofReason(...), $advice->reasons),
            'alternatives' => array_map(static fn (Alternative $other): array => [
                'dimension' => $other->change->dimension, 'choice' => $other->change->choice, 'logitsOff' => round($other->logitsOff, 2),
                'helped' => $other->helped, 'step' => $other->level->step, 'exposure' => $other->level->exposure->values,
            ], $advice->alternatives),
            'is_closing' => $advice->isClosing,
            'strain_mean' => self::stored($advice->risk?->strainMean),
            'strain_bound' => self::stored($advice->risk?->strainBound),
            'reaction_mean' => self::stored($advice->risk?->reactionMean),
            'reaction_bound' => self::stored($advice->risk?->reactionBound),
            'engine' => $this->catalogs->engine($session->plan->responseModel->kind),
            'given_at' => $situation->now,
        ]);
        $given->save();
        $this->keepDerived($session, $situation, $given, $trials, $advice->next?->step);

        return $given;
    }

    /** Evidence and summary of the session, the mode from which the next fit starts, and what devices show. */
    private function keepDerived(Session $session, Situation $situation, AdviceGiven $given, SessionTrials $trials, ?int $step): void
    {
        $state = json_encode($this->states->of($session, $situation, $given, $trials, $step), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $session->setRawAttributes([...$session->getAttributes(), 'state' => $state]);
        Session::query()->toBase()->where('id', $session->id)->update([
            'evidence' => EvidenceJson::encode($situation->log->evidence()),
            'summary' => SummaryJson::encode(SessionSummary::of($situation->log, $situation->ladder)),
            'revised_at' => EvidenceStamp::now(),
            'state' => $state,
            'mode' => $situation->model === null ? null : json_encode(self::mode($situation->model), JSON_THROW_ON_ERROR),
        ]);
    }

    /** @return array{dimensions: list<string>, theta: array<int, float>, daySd: float, walkSd: float} */
    private static function mode(DogModel $model): array
    {
        return [
            'dimensions' => $model->scale->keys(),
            'theta' => $model->fit->mode->theta,
            ...$model->spread->toArray(),
        ];
    }

    /** To ten digits, which come back from the database as they went in: the same trial twice gets the same answer. */
    private static function stored(?Probability $risk): ?float
    {
        return $risk === null ? null : round($risk->value, 10);
    }
}
