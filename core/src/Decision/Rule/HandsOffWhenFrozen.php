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
use Core\Decision\Way;
use Core\Decision\Work;
use Core\Sign\SignKey;

/**
 * Under the hand a growl, a snap, a freeze, going stiff come before a bite, whatever was tapped beside them: hands off at once; when it is
 * loose and eats again, two steps easier once, without holding, as far as there are any; and the second time that day the end. Mouthy
 * with its food ignored is the end at once.
 */
final readonly class HandsOffWhenFrozen implements Rule
{
    private const MAX_IN_A_SESSION = 2;

    private const STEPS = 2;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work !== Work::Contact) {
            return null;
        }
        if ($last->shows(SignKey::Mouthy) && $last->leftItsFood()) {
            return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::MouthyUnfed)]);
        }
        if (! $last->warns()) {
            return null;
        }
        $why = Reason::of(ReasonCode::Freeze);
        if ($situation->log->warnings() >= self::MAX_IN_A_SESSION) {
            return $situation->advise(Action::EndWell, null, [$why, Reason::of(ReasonCode::FreezeAgain)]);
        }
        $way = new Way($situation);
        $two = $way->below($last->level, self::STEPS);
        $one = $way->below($last->level, 1);

        return $situation->advise(Action::HandsOff, $two ?? $one ?? $last->level, [$why, Reason::of(match (true) {
            $two !== null => ReasonCode::FreezeThen,
            $one !== null => ReasonCode::FreezeThenStep,
            default => ReasonCode::FreezeThenSame,
        })]);
    }
}
