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
use Core\Sign\Band;

/** Band 4: distance first and out of sight; a second one ends the session. */
final readonly class LeaveAfterReaction implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($last->band !== Band::Over) {
            return null;
        }
        $reactions = $situation->log->countOfBand(Band::Over);
        if ($reactions >= 2) {
            return $situation->advise(Action::Stop, null, [
                Reason::of(ReasonCode::SecondReaction, count: $reactions),
                Reason::of(ReasonCode::EasyDays),
            ]);
        }

        return $situation->advise(Action::Break, null, [
            Reason::of(ReasonCode::Reaction, fed: $situation->settings->choices->feedsWhenOver),
            Reason::of(ReasonCode::Recover),
        ]);
    }
}
