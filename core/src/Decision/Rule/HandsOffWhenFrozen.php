<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Easing;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Exposure\PlanKind;
use Core\Sign\Band;

/** Under the hand, freezing or going stiff comes before a bite: hands off at once, far easier after it, and the second time that day the end. */
final readonly class HandsOffWhenFrozen implements Rule
{
    private const SIGNS = ['freeze', 'stiff'];

    private const MOST_IN_A_SESSION = 2;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->catalog->plan !== PlanKind::Contact || ! self::isFrozen($last)) {
            return null;
        }
        $why = new Reason('freeze', 'It froze or went stiff under the hand: hands off at once, look away, let it leave. That comes before a bite. Wait until it is loose and eats.');

        return $situation->log->count(self::isFrozen(...)) >= self::MOST_IN_A_SESSION
            ? $situation->advise(Action::EndWell, null, [$why, new Reason('freeze-again', 'The second time today: enough. End with one thing it knows, well paid, no hands; check for pain before the next session.')])
            : (new Easing($situation))->by($last->target, 2, Action::Ease, [$why]);
    }

    private static function isFrozen(LoggedTrial $trial): bool
    {
        return $trial->band->atLeast(Band::Strain) && array_intersect(self::SIGNS, $trial->signs) !== [];
    }
}
