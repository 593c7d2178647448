<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\EasierLevels;
use Core\Decision\Easing;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
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
            return $situation->advise(Action::EndWell, null, [new Reason('opt-outs', "It chose to leave {$today} times today: that is a clear no. End here.")]);
        }
        if ($situation->log->runOf($isOptOut) >= 2) {
            return (new Easing($situation))->by($last->target, 1, Action::Ease, [new Reason('opt-out-twice', 'It left twice in a row: a step easier.')]);
        }

        return $situation->advise(Action::Repeat, $last->target, [
            new Reason('opt-out', 'It left, and that is honored. Wait; if it comes back by itself, once more, smaller if you can. The run starts again.'),
        ], $situation->catalog->plan === PlanKind::Contact ? (new EasierLevels($situation))->byOtherThings($last->target) : []);
    }
}
