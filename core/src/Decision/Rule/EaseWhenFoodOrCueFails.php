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
 * Food refused, marker or known cue failed: too hard before any bark. Where it was calm today: away, a short break, the same place again.
 * Else, and the second time, easier.
 */
final readonly class EaseWhenFoodOrCueFails implements Rule
{
    private const CALM_BEFORE = 2;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work === Work::Skill || ! $last->failedFoodOrCue()) {
            return null;
        }
        $times = $situation->log->count(static fn (LoggedTrial $trial): bool => $trial->failedFoodOrCue() && ! $trial->handlerError);
        $wasCalmHere = $situation->log->count(static fn (LoggedTrial $trial): bool => $trial->isCalm() && ! $trial->failedFoodOrCue()
            && $trial->level->equals($last->level)) >= self::CALM_BEFORE;
        if ($times === 1 && $wasCalmHere && $situation->work === Work::Exposure) {
            return $situation->advise(Action::Break, $last->level, [
                Reason::of(ReasonCode::FoodOrCue), Reason::of(ReasonCode::TurnAway), Reason::of(ReasonCode::FoodFirst),
            ], (new OtherThings($situation))->of($last->level));
        }

        return (new Retreat($situation))->from($last->level, [
            $times > 1 ? Reason::of(ReasonCode::FoodOrCueAgain, count: $times) : Reason::of(ReasonCode::FoodOrCue),
            Reason::of(ReasonCode::FoodFirst),
        ]);
    }
}
