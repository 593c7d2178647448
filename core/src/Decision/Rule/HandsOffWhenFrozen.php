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
use Core\Exposure\PlanKind;
use Core\Sign\Band;
use Core\Sign\SignKey;

/**
 * Under the hand, freezing or going stiff comes before a bite: hands off at once, far easier after it, and the second time that day the
 * end.
 */
final readonly class HandsOffWhenFrozen implements Rule
{
    private const SIGNS = [SignKey::Freeze, SignKey::Stiff];

    private const MAX_IN_A_SESSION = 2;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->catalog->plan !== PlanKind::Contact || ! self::isFrozen($last)) {
            return null;
        }
        $why = Reason::of(ReasonCode::Freeze);

        return $situation->log->count(self::isFrozen(...)) >= self::MAX_IN_A_SESSION
            ? $situation->advise(Action::EndWell, null, [$why, Reason::of(ReasonCode::FreezeAgain)])
            : (new Easing($situation))->by($last->target, 2, Action::Ease, [$why]);
    }

    private static function isFrozen(LoggedTrial $trial): bool
    {
        return $trial->band->atLeast(Band::Strain) && $trial->shows(...self::SIGNS);
    }
}
