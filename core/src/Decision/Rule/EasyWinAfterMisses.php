<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Retreat;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Decision\Work;
use Core\Sign\OutcomeEffect;

/** Two misses in a row frustrate: one easy win with something it knows, then the last good length. Common practice. */
final readonly class EasyWinAfterMisses implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work !== Work::Skill || ! self::isMissed($last)) {
            return null;
        }
        $two = array_slice($situation->log->atLevel(), -2);

        return count($two) < 2 || ! self::isMissed($two[0])
            ? null
            : (new Retreat($situation))->from($last->level, [Reason::of(ReasonCode::TwoMisses)], 1, Action::EasyWin);
    }

    /** In a skill that is not a no: it got up, looked elsewhere, was not there yet. */
    private static function isMissed(LoggedTrial $trial): bool
    {
        return $trial->countsForRun() && ($trial->isMiss() || $trial->outcome->effect() === OutcomeEffect::OptOut);
    }
}
