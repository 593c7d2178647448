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
use Core\Sign\FoodTaken;

/** Food taken hard twice running, however calm the rest looks: away, a short break, the same place; and easier if that did not help. */
final readonly class BreakWhenFoodTurnsHard implements Rule
{
    private const RUNNING = 2;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $isHard = static fn (LoggedTrial $trial): bool => $trial->food === FoodTaken::Hard && ! $trial->handlerError;
        $isAgain = $last->under === Action::Break && $isHard($last);
        if ($situation->work !== Work::Exposure || ! $last->isCalm() || ! $isAgain && $situation->log->runOf($isHard) < self::RUNNING) {
            return null;
        }

        return $isAgain
            ? (new Retreat($situation))->from($last->level, [Reason::of(ReasonCode::FoodHard)])
            : $situation->advise(Action::Break, $last->level, [Reason::of(ReasonCode::FoodHard), Reason::of(ReasonCode::FoodFirst)]);
    }
}
