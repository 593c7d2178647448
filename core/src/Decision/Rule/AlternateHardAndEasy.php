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

/**
 * After so many good repetitions at a level one easy one in between, on purpose: it keeps the dog willing and costs the run nothing. Common
 * practice.
 */
final readonly class AlternateHardAndEasy implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $after = $situation->settings->easyAfter;
        if ($last->under === Action::EasyBetween) {
            return $last->isSuccess() ? $this->back($situation) : null;
        }
        $isGoodHere = static fn (LoggedTrial $trial): bool =>
            $trial->isSuccess() && $trial->under !== Action::EasyBetween && $trial->level->equals($last->level);
        if ($after === 0 || $situation->log->runOf($isGoodHere) < $after || $situation->progress($last->level)->isMet) {
            return null;
        }
        $easier = (new Way($situation))->back($last->level);

        return $easier === null ? null : $situation->advise(Action::EasyBetween, $easier, [
            Reason::of(ReasonCode::EasyBetween, count: $after),
            $situation->runReason($last->level),
            ...$situation->riskReasons($easier->exposure),
        ]);
    }

    private function back(Situation $situation): ?Advice
    {
        $level = $situation->log->lastAskedInEarnest()?->level;

        return $level === null ? null : $situation->advise(Action::Repeat, $level, [
            Reason::of(ReasonCode::BackToWork, at: $situation->told($level->exposure)),
            ...$situation->riskReasons($level->exposure),
        ]);
    }
}
