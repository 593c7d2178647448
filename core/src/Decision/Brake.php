<?php

declare(strict_types=1);

namespace Core\Decision;

/**
 * The last word on every advice: no exposure is asked for whose bounds are over today's caps.
 *
 * Whatever a rule wished for is eased until it fits, and the brake's own sentence then stands in the place of what the rule
 * said of where to go; what it said of how the dog was stays. Where nothing fits, three peeks a session are in order if the
 * last session was calm or some days of rest have passed: without them a dog would be stuck for good. Otherwise the session
 * ends.
 */
final readonly class Brake
{
    private const MAX_PEEKS = 3;

    private const REST_DAYS = 6.0;

    public function review(Situation $situation, Advice $advice): Advice
    {
        if ($advice->next === null || $situation->model === null || $situation->allows($advice->next->exposure)) {
            return $advice;
        }
        $easier = (new EasierLevels($situation))->below($advice->next, 0.0);
        if ($easier === null) {
            return $this->peekOrEnd($situation, $advice);
        }
        $isStart = $situation->log->trials === [];

        return $situation->advise($advice->action === Action::Repeat ? Action::Ease : $advice->action, $easier, [
            ...array_filter($advice->reasons, static fn (Reason $reason): bool => $reason->code->tellsOfTheDog()),
            Reason::of(
                $isStart ? ReasonCode::BeyondCapAtStart : ReasonCode::BeyondCap,
                wished: $situation->told($advice->next->exposure, $easier->exposure),
                at: $situation->told($easier->exposure, $advice->next->exposure),
            ),
            $situation->riskReason($easier->exposure),
        ], (new EasierLevels($situation))->byOtherThings($advice->next), $advice->isClosing);
    }

    private function peekOrEnd(Situation $situation, Advice $advice): Advice
    {
        $level = (new EasierLevels($situation))->easiest();
        $trials = count($situation->log->trials);
        $calm = $situation->log->count(static fn (LoggedTrial $trial): bool => $trial->band->isBelowThreshold()) === $trials;
        $rested = ($situation->history->daysSinceLast ?? 0.0) >= self::REST_DAYS;
        if (($situation->history->lastWasCalm || $rested) && $calm && $trials < self::MAX_PEEKS) {
            return $situation->advise(Action::Peek, $level, [
                Reason::of(ReasonCode::Peek, count: $trials + 1, most: self::MAX_PEEKS, at: $situation->told($level->exposure)),
                $situation->riskReason($level->exposure),
            ]);
        }

        return $situation->advise($trials === 0 ? Action::NotHere : Action::EndWell, null, [
            Reason::of(ReasonCode::NothingWithin, at: $situation->told($level->exposure)),
        ]);
    }
}
