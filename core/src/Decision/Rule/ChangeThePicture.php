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
use Core\Exposure\PlanKind;
use Core\Sign\Band;
use Core\Sign\Outcome;

/**
 * Under the hand a miss or a doubt asks first for one other change, with the same thing asked; only where that did not help, for less.
 * Common practice.
 */
final readonly class ChangeThePicture implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->catalog->plan !== PlanKind::Contact || ! $last->countsForRun() || ! self::isDoubtful($last)) {
            return null;
        }
        if ($last->under === Action::ChangeOther) {
            return (new Easing($situation))->by($last->target, 1, Action::Ease, [Reason::of(ReasonCode::ChangeMissed)]);
        }
        $others = (new EasierLevels($situation))->byOtherThings($last->target);
        if ($others === []) {
            return null;
        }
        [$first] = $others;

        return $situation->advise(Action::ChangeOther, $first->level, [
            Reason::of(ReasonCode::ChangeFirst, change: $first->change),
            ...($first->helped > 0 ? [Reason::of(ReasonCode::ChangeHelped, count: $first->helped)] : []),
            Reason::of(ReasonCode::BodyFirst),
            $situation->riskReason($first->level->exposure),
        ], $others);
    }

    private static function isDoubtful(LoggedTrial $trial): bool
    {
        return $trial->band === Band::Effort || $trial->isMiss() || in_array(
            $trial->outcome, [Outcome::TakenAway, Outcome::LeftCameBack], true,
        );
    }
}
