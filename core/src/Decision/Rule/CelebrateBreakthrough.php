<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Decision\Work;

/**
 * The first success of a new behavior without help: five pieces one after another. In exposure and cued work that is the end; a skill, and
 * what is shaped with an item, go on with the round. What an earlier session or a test has shown is no first.
 */
final readonly class CelebrateBreakthrough implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $isFirst = $last->isSuccess()
            && $situation->ladder->step($last->level->step)->criterion->isNewBehavior
            && ! $situation->history->hasSucceeded && ! $situation->log->isTooQuick(count($situation->log->trials) - 1)
            && $situation->log->count(static fn (LoggedTrial $trial): bool => $trial->isSuccess()) === 1;
        if (! $isFirst) {
            return null;
        }

        return $situation->work === Work::Exposure
            ? $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::Breakthrough)])
            : $situation->advise(Action::Repeat, $last->level, [Reason::of(ReasonCode::FirstOfSkill), $situation->runReason($last->level)]);
    }
}
