<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\LoggedTrial;
use Core\Decision\OtherThings;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Retreat;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Decision\Work;

/**
 * Leaving before it was asked is the dog's no: accepted at once. Two running ask for one other thing; three of the last ten after
 * something was changed, whoever proposed it, end the session, and so does the fourth where nothing was. What something outside caused is
 * none, and a skill has none: getting up from a mat is a reset.
 */
final readonly class HonorOptOut implements Rule
{
    private const RUNNING = 2;

    private const ENOUGH = 3;

    private const OF = 10;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work === Work::Skill || ! $last->isNo()) {
            return null;
        }
        $isNo = static fn (LoggedTrial $trial): bool => $trial->isNo();
        $nos = count(array_filter(array_slice($situation->log->trials, -self::OF), $isNo));
        if ($nos >= self::ENOUGH + (self::wasChanged($situation->log->trials) ? 0 : 1)) {
            return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::OptOuts, count: $nos)]);
        }
        if ($situation->log->runOf($isNo) >= self::RUNNING) {
            return $situation->work === Work::Contact
                ? (new ChangeThePicture)->apply($situation, $last)
                : (new Retreat($situation))->from($last->level, [Reason::of(ReasonCode::OptOutTwice)]);
        }

        return $situation->advise(Action::Repeat, $last->level, [Reason::of(ReasonCode::OptOut)], (new OtherThings($situation))->of(
            $last->level,
        ));
    }

    /** @param  list<LoggedTrial>  $trials */
    private static function wasChanged(array $trials): bool
    {
        $no = null;
        foreach ($trials as $trial) {
            if (in_array($trial->under, [Action::ChangeOther, Action::Ease], true)
                || ($no !== null && $trial->exposure->key() !== $no->exposure->key())) {
                return true;
            }
            $no = $trial->isNo() ? $trial : $no;
        }

        return false;
    }
}
