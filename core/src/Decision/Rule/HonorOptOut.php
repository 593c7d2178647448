<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\EasierLevels;
use Core\Decision\Easing;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Exposure\PlanKind;
use Core\Sign\OutcomeEffect;

/** Leaving is the dog's no: accept it; twice in a row ease, a third time in a session end. */
final readonly class HonorOptOut implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $isOptOut = static fn (LoggedTrial $trial): bool => $trial->outcome->effect() === OutcomeEffect::OptOut;
        if (! $isOptOut($last)) {
            return null;
        }
        $today = $situation->log->count($isOptOut);
        if ($today >= 3) {
            return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::OptOuts, count: $today)]);
        }
        if ($situation->log->runOf($isOptOut) >= 2) {
            return (new Easing($situation))->by($last->target, 1, Action::Ease, [Reason::of(ReasonCode::OptOutTwice)]);
        }

        return $situation->advise(Action::Repeat, $last->target, [
            Reason::of(ReasonCode::OptOut),
        ], $situation->catalog->plan === PlanKind::Contact ? (new EasierLevels($situation))->byOtherThings($last->target) : []);
    }
}
