<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\EasierLevels;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Sign\Band;
use Core\Sign\Outcome;

/** Nothing else applies: once more here, and how far the run is. */
final readonly class StayHere implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): Advice
    {
        $level = $last->target;
        $why = match (true) {
            $last->handlerError => ReasonCode::HandlerError,
            $situation->log->isTooQuick(count($situation->log->trials) - 1) => ReasonCode::TooQuick,
            $last->interrupted => ReasonCode::Interrupted,
            $last->band === Band::Effort => ReasonCode::EffortOnce,
            $last->outcome === Outcome::Watched => ReasonCode::Watched,
            $last->outcome === Outcome::Prompted => ReasonCode::Prompted,
            default => null,
        };

        return $situation->advise(
            Action::Repeat, $level,
            [...($why === null ? [] : [Reason::of($why)]), $situation->runReason($level), $situation->riskReason($level->exposure)],
            $last->band === Band::Effort ? (new EasierLevels($situation))->byOtherThings($level) : [],
        );
    }
}
