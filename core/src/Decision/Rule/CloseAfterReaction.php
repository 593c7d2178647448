<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\EasierLevels;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Measure\Probability;
use Core\Response\Day;

/** After a reaction: at the most three trials, each with a reaction bound of at most 0.5 %, then home. */
final readonly class CloseAfterReaction implements Rule
{
    private const MOST_TRIALS = 3;

    private const REACTION_BOUND = 0.005;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $since = $situation->log->trialsSinceReaction();
        if ($since === null) {
            return null;
        }
        $level = (new EasierLevels($situation))->easiest();
        $bound = $situation->model?->risk($level->exposure, Day::AfterReaction)->reaction();
        if ($since >= self::MOST_TRIALS || ! $last->band->isBelowThreshold() || $bound === null || $bound > self::REACTION_BOUND) {
            return $situation->advise(Action::EndWell, null, [
                new Reason('after-reaction', "After a reaction at the most three very easy trials; {$since} done. Go home, something it loves, an easy day tomorrow."),
            ]);
        }

        return $situation->advise(Action::Repeat, $level, [
            new Reason('after-reaction', sprintf('Very easy trial %d of at most %d after the reaction: at %s the reaction risk is at most %s.', $since + 1, self::MOST_TRIALS, $situation->words($level->exposure), Probability::inWords($bound))),
        ]);
    }
}
