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
use Core\Decision\Work;
use Core\Response\Day;
use Core\Sign\Band;

/** After a reaction nothing advances: at the most three trials where it was easiest today, each with hardly any risk, then home. */
final readonly class CloseAfterReaction implements Rule
{
    private const MAX_TRIALS = 3;

    private const REACTION_BOUND = 0.005;

    private const STEPS = 2;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $since = $situation->log->trialsSinceReaction();
        if ($since === null) {
            return null;
        }
        $level = self::easiest($situation);
        $bound = $level === null ? null : $situation->model?->risk($level->exposure, Day::AfterReaction)->reaction();
        $isTooMuch = $situation->work !== Work::Skill && ($bound === null || $bound->value > self::REACTION_BOUND);
        if ($since >= self::MAX_TRIALS || ! $last->isCalm() || $level === null || $isTooMuch) {
            return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::AfterReactionEnd, count: $since)]);
        }

        return $situation->advise(Action::Repeat, $level, [
            Reason::of(ReasonCode::AfterReaction, count: $since + 1, most: self::MAX_TRIALS), ...$situation->riskReasons($level->exposure),
        ]);
    }

    /** Two steps easier than anything shown before the reaction, as far as can be done here. */
    private static function easiest(Situation $situation): ?Level
    {
        $easiest = null;
        foreach ($situation->log->trials as $trial) {
            if ($trial->band === Band::Over) {
                break;
            }
            $easiest = $easiest === null || $easiest->isHarderThan($trial->level) ? $trial->level : $easiest;
        }

        return $easiest === null ? null : (new Way($situation))->below($easiest, self::STEPS) ?? $easiest;
    }
}
