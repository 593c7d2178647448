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

/** The first ever success of a new behavior: five pieces one after another, and the session ends there. */
final readonly class CelebrateBreakthrough implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $isFirst = $last->isSuccess()
            && $situation->ladder->step($last->target->step)->criterion->isNewBehavior
            && ! $situation->history->hasSucceeded
            && $situation->log->count(static fn (LoggedTrial $trial): bool => $trial->isSuccess()) === 1;

        return $isFirst
            ? $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::Breakthrough)])
            : null;
    }
}
