<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\EasierLevels;
use Core\Decision\Easing;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;

/** After the easy win: half a step back from where it missed twice; if even that missed, easier still. */
final readonly class HalfStepBackAfterEasyWin implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $missed = $situation->log->trials[count($situation->log->trials) - 2] ?? null;
        if ($last->under !== Action::EasyWin || $missed === null || ! $missed->isMiss() || $missed->target->equals($last->target)) {
            return null;
        }
        if (! $last->isSuccess()) {
            return (new Easing($situation))->by($last->target, 1, Action::Ease, [Reason::of(ReasonCode::EasyWinMissed)]);
        }
        $half = (new EasierLevels($situation))->partWay($last->target, $missed->target);
        if ($half === null) {
            return $situation->advise(Action::Repeat, $last->target, [
                Reason::of(ReasonCode::HalfStepNotYet),
                $situation->riskReason($last->target->exposure),
            ]);
        }

        return $situation->advise(Action::Ease, $half, [
            Reason::of(
                ReasonCode::HalfStepBack, from: $situation->told($missed->target->exposure, $half->exposure),
                at: $situation->told($half->exposure, $missed->target->exposure),
            ),
            $situation->riskReason($half->exposure),
        ]);
    }
}
