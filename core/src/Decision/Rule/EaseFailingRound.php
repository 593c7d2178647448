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

/** A round of a skill in which at most one worked asks too much, however near the others came. Common practice. */
final readonly class EaseFailingRound implements Rule
{
    private const ROUND = 5;

    private const AT_MOST = 1;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work !== Work::Skill || $last->isSuccess()) {
            return null;
        }
        $round = array_slice($situation->log->atLevel(), -self::ROUND);
        $worked = count(array_filter($round, static fn (LoggedTrial $trial): bool => $trial->isSuccess()));
        if (count($round) < self::ROUND || $worked > self::AT_MOST) {
            return null;
        }
        $easier = (new Retreat($situation))->from($last->level, [Reason::of(ReasonCode::RoundTooHard, count: $worked, of: self::ROUND)]);

        return $easier->next !== null
            ? $easier
            : $situation->advise(Action::Repeat, $last->level, [Reason::of(ReasonCode::PayLess, count: $worked, of: self::ROUND)]);
    }
}
