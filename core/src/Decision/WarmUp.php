<?php

declare(strict_types=1);

namespace Core\Decision;

/**
 * Where a session starts: a step or more below what was held, further back after a gap or a bad end, and never beyond
 * today's limits. Every number is common practice.
 */
final readonly class WarmUp
{
    private const MAX_STEPS_BACK = 3;

    private const BREAKER_LOGITS = 1.5;

    public function suggest(Situation $situation): Advice
    {
        $history = $situation->history;
        if ($history->resting !== null) {
            return $situation->advise(Action::Refer, null, [Reason::of(ReasonCode::Resting, why: $history->resting->value)]);
        }
        if ($history->reactionStreak >= 3) {
            return $situation->advise(Action::Refer, null, [
                Reason::of(ReasonCode::Suspended, count: $history->reactionStreak),
            ]);
        }
        $upset = $history->carryOver ?? CarryOver::none();
        if ($upset->asksForRest()) {
            return $situation->advise(Action::NotHere, null, [Reason::of(ReasonCode::RestDay)]);
        }
        [$step, $why] = $this->wished($situation);
        if ($upset->asksForEasier() && $situation->model === null) {
            $step = max(0, $step - 1);
        }
        if ($upset->asksForEasier()) {
            $why[] = Reason::of(ReasonCode::StillShaken);
        }
        $level = new Level(max(0, $step), $situation->ladder->step($step)->exposure);
        $easier = new EasierLevels($situation);
        if ($history->reactionStreak === 2) {
            $back = $easier->below($level, self::BREAKER_LOGITS);
            $why[] = Reason::of(ReasonCode::Breaker);
            $level = $back ?? $easier->easiest();
        }
        $isWithin = $situation->allows($level->exposure);

        return (new Brake)->review($situation, $situation->advise(
            Action::Start, $level, $isWithin || $situation->model === null ? [...$why, $situation->riskReason($level->exposure)] : $why,
            $easier->byOtherThings($level),
        ));
    }

    /** @return array{int, non-empty-list<Reason>} the step that the calendar and the last end ask for */
    private function wished(Situation $situation): array
    {
        $history = $situation->history;
        if ($history->heldStep < 0 && $history->givenHeld >= 0) {
            $third = min(intdiv($situation->ladder->top(), 3), $history->givenHeld);

            return [$third, [Reason::of(ReasonCode::NewPerson, step: $history->givenHeld + 1, start: $third + 1)]];
        }
        if ($history->heldStep < 0) {
            return [0, [Reason::of($history->trialsEver === 0 ? ReasonCode::StartFirst : ReasonCode::StartNoneSolid)]];
        }
        if ($history->isNewPlace) {
            $third = intdiv($situation->ladder->top(), 3);

            return [min($third, max(0, $history->heldStep - 1)), [
                Reason::of(ReasonCode::NewPlace, start: min($third, max(0, $history->heldStep - 1)) + 1),
            ]];
        }
        $days = $history->daysSinceLast ?? 0.0;
        $gap = match (true) {
            $days > 7.0 => 2,
            $days >= 3.0 => 1,
            default => 0,
        };
        $effort = $history->endedWithEffort ? 1 : 0;
        $reaction = $history->reactionStreak > 0 ? 2 : 0;
        $back = min(self::MAX_STEPS_BACK, 1 + $gap + $effort) + $reaction;

        return [max(0, $history->heldStep - $back), [Reason::of(
            ReasonCode::StartBack, step: $history->heldStep + 1, back: $back, days: $gap > 0 ? (int) floor($days) : 0, hard: $effort > 0,
            reacted: $reaction > 0,
        )]];
    }
}
