<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Decision\Way;
use Core\Sign\Outcome;

/**
 * Not noticed is no trial, but it shows that the place is easy. Three in a row: nearer, and by more each time it was not noticed again;
 * after five by part of a step at least. Where nothing nearer is in reach the trigger is made plainer.
 */
final readonly class NearerWhenUnnoticed implements Rule
{
    private const RUN = 3;

    private const LONG_RUN = 5;

    private const MOST_STEPS = 3;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($last->outcome !== Outcome::Unnoticed) {
            return null;
        }
        $isUnnoticed = static fn (LoggedTrial $trial): bool => $trial->outcome === Outcome::Unnoticed;
        $here = $situation->log->runOf(static fn (LoggedTrial $trial): bool => $isUnnoticed($trial) && $trial->level->equals($last->level));
        if ($here < self::RUN) {
            return $situation->advise(Action::Repeat, $last->level, [Reason::of(ReasonCode::Unnoticed, count: $here)]);
        }
        $nearer = $this->nearer($situation, $last->level, intdiv($situation->log->runOf($isUnnoticed), self::RUN));
        $part = $here < self::LONG_RUN || $nearer !== null ? null : $this->part($situation, $last->level);
        if ($nearer !== null || $part !== null) {
            $next = $nearer ?? $part;

            return $situation->advise($nearer === null ? Action::Split : Action::Advance, $next, [
                Reason::of(ReasonCode::UnnoticedNearer, count: $here), ...($next === null ? [] : $situation->riskReasons($next->exposure)),
            ]);
        }

        return $situation->advise(Action::ChangeOther, $last->level, [Reason::of(ReasonCode::UnnoticedPlainer, count: $here)]);
    }

    private function nearer(Situation $situation, Level $from, int $steps): ?Level
    {
        $found = null;
        $next = $from;
        for ($i = 0; $i < min(self::MOST_STEPS, $steps) && $next !== null; $i++) {
            $next = (new Way($situation))->next($next);
            $found = $next !== null && $situation->allowsPart($next->exposure) && ! $situation->log->struggledAt($next) ? $next : $found;
        }

        return $found;
    }

    private function part(Situation $situation, Level $from): ?Level
    {
        $next = (new Way($situation))->next($from);
        $part = $next === null ? null : (new Way($situation))->part($from, $next);

        return $part === null || $situation->log->struggledAt($part) || $situation->told->forbidsTrying() ? null : $part;
    }
}
