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

/** Two misses in a row frustrate: one easy repetition that is sure to go well. */
final readonly class EasyWinAfterMisses implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $two = array_slice($situation->log->atLevel(), -2);
        if (! $last->isMiss() || count($two) < 2 || ! $two[0]->isMiss()) {
            return null;
        }

        return (new Easing($situation))->by($last->target, 1, Action::EasyWin, [
            Reason::of(ReasonCode::TwoMisses, at: $situation->told($last->target->exposure)),
        ]);
    }
}
