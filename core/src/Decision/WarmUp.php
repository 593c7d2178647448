<?php

declare(strict_types=1);

namespace Core\Decision;

/**
 * Where a session starts: a step or more below what was held, further back after a gap or a bad end, and never beyond
 * today's limits. Every number is common practice.
 */
final readonly class WarmUp
{
    private const MOST_STEPS_BACK = 3;

    private const BREAKER_LOGITS = 1.5;

    public function suggest(Situation $situation): Advice
    {
        $history = $situation->history;
        if ($history->locked !== null) {
            return $situation->advise(Action::Refer, null, [new Reason('locked', $history->locked)]);
        }
        if ($history->reactionStreak >= 3) {
            return $situation->advise(Action::Refer, null, [
                new Reason('suspended', "{$history->reactionStreak} sessions in a row ended with a reaction: the plan rests until a named person has checked pain, kit, place and trigger."),
            ]);
        }
        $upset = $history->carryOver ?? CarryOver::none();
        if ($upset->asksForRest()) {
            return $situation->advise(Action::NotHere, null, [new Reason('rest-day', sprintf('It carries over about %.1f points of upset (over 2): a day of rest, quiet walks, nothing new. A working guess; you know the dog.', $upset->upset))]);
        }
        [$step, $why] = $this->wished($situation);
        if ($upset->asksForEasier() && $situation->model === null) {
            $step = max(0, $step - 1);
        }
        if ($upset->asksForEasier()) {
            $why[] = new Reason('carry-over', sprintf('It carries over about %.1f points of upset from before: an easier start.', $upset->upset));
        }
        $level = new Level(max(0, $step), $situation->ladder->step($step)->exposure);
        $easier = new EasierLevels($situation);
        if ($history->reactionStreak === 2) {
            $back = $easier->below($level, self::BREAKER_LOGITS);
            $why[] = new Reason('breaker', 'Two sessions running ended with a reaction: at least 1.5 logits easier.');
            $level = $back ?? $easier->easiest();
        }
        $isWithin = $situation->allows($level->exposure);

        return (new LimitGuard)->review($situation, $situation->advise(
            Action::Start, $level, $isWithin || $situation->model === null ? [...$why, $situation->riskReason($level->exposure)] : $why, $easier->byOtherThings($level),
        ));
    }

    /** @return array{int, non-empty-list<Reason>} the step that the calendar and the last end ask for */
    private function wished(Situation $situation): array
    {
        $history = $situation->history;
        if ($history->heldStep < 0 && $history->givenHeld >= 0) {
            $third = min(intdiv($situation->ladder->top(), 3), $history->givenHeld);

            return [$third, [new Reason('new-person', sprintf('Step %d is held with another person. A new person begins in the first third, at step %d, and climbs with three successes a step.', $history->givenHeld + 1, $third + 1))]];
        }
        if ($history->heldStep < 0) {
            return [0, [new Reason('start-first', $history->trialsEver === 0 ? 'The first session of this plan starts at its easiest step.' : 'No step is held yet: start at the easiest.')]];
        }
        if ($history->isNewPlace) {
            $third = intdiv($situation->ladder->top(), 3);

            return [min($third, max(0, $history->heldStep - 1)), [new Reason('new-place', sprintf('A new place or person: back to the first third, step %d, and up again with three successes a step.', min($third, max(0, $history->heldStep - 1)) + 1))]];
        }
        $days = $history->daysSinceLast ?? 0.0;
        $gap = match (true) {
            $days > 7.0 => 2,
            $days >= 3.0 => 1,
            default => 0,
        };
        $effort = $history->endedWithEffort ? 1 : 0;
        $reaction = $history->reactionStreak > 0 ? 2 : 0;
        $back = min(self::MOST_STEPS_BACK, 1 + $gap + $effort) + $reaction;

        return [max(0, $history->heldStep - $back), [new Reason('start-back', sprintf(
            'Step %d was held. %d step%s back: 1 always%s%s%s.',
            $history->heldStep + 1, $back, $back === 1 ? '' : 's',
            $gap > 0 ? sprintf(', %d for %d days since the last session', $gap, (int) round($days)) : '',
            $effort > 0 ? ', 1 because it ended with effort' : '',
            $reaction > 0 ? ', 2 because it ended with a reaction' : '',
        ))]];
    }
}
