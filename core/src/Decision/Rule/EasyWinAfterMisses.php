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

/**
 * Two misses in a row frustrate: one easy win with something it knows, then the last good length. At the easiest step that is a known
 * behavior and the same again; four misses end it. Common practice.
 */
final readonly class EasyWinAfterMisses implements Rule
{
    private const TOO_MANY = 2;

    private const MOST_AT_EASIEST = 4;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work !== Work::Skill || ! self::isMissed($last)) {
            return null;
        }
        $misses = self::misses($situation);
        if ($misses < self::TOO_MANY) {
            return null;
        }
        $easier = (new Retreat($situation))->from($last->level, [Reason::of(ReasonCode::TwoMisses)], 1, Action::EasyWin);

        return match (true) {
            $easier->next !== null => $easier,
            $misses < self::MOST_AT_EASIEST => $situation->advise(
                Action::Repeat, $last->level, [Reason::of(ReasonCode::MissesEasiest, count: $misses)],
            ),
            default => $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::MissesEnd, count: $misses)]),
        };
    }

    /** In a row, at the last one's level. */
    private static function misses(Situation $situation): int
    {
        $here = $situation->log->atLevel();
        $misses = 0;
        while ($misses < count($here) && self::isMissed($here[count($here) - 1 - $misses])) {
            $misses++;
        }

        return $misses;
    }

    /** In a skill that is not a no: it got up, looked elsewhere, was not there yet. */
    private static function isMissed(LoggedTrial $trial): bool
    {
        return $trial->countsForRun() && ($trial->isMiss() || $trial->outcome->effect() === OutcomeEffect::OptOut);
    }
}
