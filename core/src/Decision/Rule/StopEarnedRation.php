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

/** A dog that earns its ration and leaves it twice goes hungry: it is fed in peace, and earns nothing here for now. */
final readonly class StopEarnedRation implements Rule
{
    private const TIMES_LEFT = 2;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work === Work::Skill || ! $situation->settings->choices->isRationEarned || ! $last->failedFoodOrCue()) {
            return null;
        }
        $left = $situation->log->count(static fn (LoggedTrial $trial): bool => $trial->leftItsFood() && ! $trial->handlerError);

        return $left < self::TIMES_LEFT
            ? null
            : $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::RationStopped, count: $left)]);
    }
}
