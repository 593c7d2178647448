<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Easing;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;

/** Food refused, marker or known cue failed: too hard before any bark. A second time today counts double. */
final readonly class EaseWhenFoodOrCueFails implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if (! $last->failedFoodOrCue()) {
            return null;
        }
        $times = $situation->log->count(static fn (LoggedTrial $trial): bool => $trial->failedFoodOrCue());
        $steps = $times > 1 ? 2 : 1;

        return (new Easing($situation))->by($last->target, $steps, Action::Ease, [
            $times > 1 ? Reason::of(ReasonCode::FoodOrCueAgain, count: $times) : Reason::of(ReasonCode::FoodOrCue),
        ]);
    }
}
