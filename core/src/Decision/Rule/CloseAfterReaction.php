<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\EasierLevels;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Response\Day;

/** After a reaction: at the most three trials, each with a reaction bound of at most 0.5 %, then home. */
final readonly class CloseAfterReaction implements Rule
{
    private const MAX_TRIALS = 3;

    private const REACTION_BOUND = 0.005;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $since = $situation->log->trialsSinceReaction();
        if ($since === null) {
            return null;
        }
        $level = (new EasierLevels($situation))->easiest();
        $bound = $situation->model?->risk($level->exposure, Day::AfterReaction)->reaction();
        if ($since >= self::MAX_TRIALS || ! $last->band->isBelowThreshold() || $bound === null || $bound->value > self::REACTION_BOUND) {
            return $situation->advise(Action::EndWell, null, [
                Reason::of(ReasonCode::AfterReactionEnd, count: $since),
            ]);
        }

        return $situation->advise(Action::Repeat, $level, [
            Reason::of(
                ReasonCode::AfterReaction, at: $situation->told($level->exposure), count: $since + 1, most: self::MAX_TRIALS,
                chance: $bound,
            ),
        ]);
    }
}
