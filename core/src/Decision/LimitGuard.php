<?php

declare(strict_types=1);

namespace Core\Decision;

/**
 * The last word on every advice: no exposure is asked for whose bounds are beyond today's limits.
 *
 * Whatever a rule wished for is eased until it fits. Where nothing fits, three short looks a session are in order if the
 * last session was calm or some days of rest have passed: without them a dog would be stuck for good. Otherwise the
 * session ends, and it is said by how much the limits were missed.
 */
final readonly class LimitGuard
{
    private const MOST_PROBES = 3;

    private const REST_DAYS = 6.0;

    public function review(Situation $situation, Advice $advice): Advice
    {
        if ($advice->next === null || $situation->model === null || $situation->allows($advice->next->exposure)) {
            return $advice;
        }
        $easier = (new EasierLevels($situation))->below($advice->next, 0.0);
        if ($easier === null) {
            return $this->probeOrEnd($situation, $advice);
        }

        return $situation->advise($advice->action === Action::Repeat ? Action::Ease : $advice->action, $easier, [
            // what else the rule had to say was about the exposure it wished for
            $advice->reasons[0],
            new Reason('beyond-limit', sprintf('Today %s is beyond the limits: %s instead, even if nothing went wrong.', $situation->words($advice->next->exposure), $situation->words($easier->exposure))),
            $situation->riskReason($easier->exposure),
        ], (new EasierLevels($situation))->byOtherThings($advice->next), $advice->isClosing);
    }

    private function probeOrEnd(Situation $situation, Advice $advice): Advice
    {
        $level = (new EasierLevels($situation))->easiest();
        $trials = count($situation->log->trials);
        $calm = $situation->log->count(static fn (LoggedTrial $trial): bool => $trial->band->isBelowThreshold()) === $trials;
        $rested = ($situation->history->daysSinceLast ?? 0.0) >= self::REST_DAYS;
        if (($situation->history->lastWasCalm || $rested) && $calm && $trials < self::MOST_PROBES) {
            return $situation->advise(Action::Probe, $level, [
                new Reason('probe', sprintf('Too little is known of this dog here to call any exposure safe. Short look %d of at most %d, 3 s or less, at the easiest there is: %s. Stop at the first sign of effort.', $trials + 1, self::MOST_PROBES, $situation->words($level->exposure))),
                $situation->riskReason($level->exposure),
            ]);
        }
        $excess = $situation->model === null ? 0.0 : $situation->limits->excess($situation->model->risk($level->exposure, $situation->day()));

        return $situation->advise($trials === 0 ? Action::NotHere : Action::EndWell, null, [
            ...$advice->reasons,
            new Reason('no-exposure', sprintf('No exposure here is within the limits: even at %s it is %.1f logits beyond. Find more room, make something else easier, or do foundation work.', $situation->words($level->exposure), max(0.0, $excess))),
        ]);
    }
}
