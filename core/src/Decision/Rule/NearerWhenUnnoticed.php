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
use Core\Sign\Outcome;

/** Not noticed is not a trial. Three in a row: one level nearer if the bound allows, at most twice a session. */
final readonly class NearerWhenUnnoticed implements Rule
{
    private const MAX_A_SESSION = 2;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($last->outcome !== Outcome::Unnoticed) {
            return null;
        }
        $target = $last->target;
        $run = $situation->log->runOf(static fn (
            LoggedTrial $trial,
        ): bool => $trial->outcome === Outcome::Unnoticed && $trial->target->equals($target));
        if ($run < 3) {
            return $situation->advise(Action::Repeat, $target, [Reason::of(ReasonCode::Unnoticed, count: $run)]);
        }
        $above = $situation->above($target);
        if ($above !== null && $situation->allows(
            $above->exposure,
        ) && ! $situation->log->isSpentToday($above) && $this->timesNearer($situation) < self::MAX_A_SESSION) {
            return $situation->advise(Action::Advance, $above, [
                Reason::of(ReasonCode::UnnoticedNearer, count: $run),
                $situation->riskReason($above->exposure),
            ]);
        }

        return $situation->advise(Action::ChangeOther, $target, [Reason::of(ReasonCode::UnnoticedPlainer, count: $run)]);
    }

    private function timesNearer(Situation $situation): int
    {
        $times = 0;
        foreach ($situation->log->trials as $i => $trial) {
            $before = $situation->log->trials[$i - 1] ?? null;
            $times += $before !== null && $before->outcome === Outcome::Unnoticed && $trial->under === Action::Advance ? 1 : 0;
        }

        return $times;
    }
}
