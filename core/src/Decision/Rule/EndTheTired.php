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
use Core\Sign\SignKey;

/** Slow walking and turning late in a session is tiredness: end, don't ease. */
final readonly class EndTheTired implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        return $last->shows(SignKey::SlowWalk)
            ? $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::Tired)])
            : null;
    }
}
