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
use Core\Sign\SignKey;

/** A bite ends the session, and the plan rests until a named person has reviewed it. */
final readonly class RestAfterBite implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($last->shows(SignKey::Bite)) {
            return $situation->advise(Action::Stop, null, [
                Reason::of(ReasonCode::Bite),
                Reason::of(ReasonCode::BiteReview),
            ]);
        }

        return $situation->history->resting === null
            ? null
            : $situation->advise(Action::Refer, null, [Reason::of(ReasonCode::Resting, why: $situation->history->resting->value)]);
    }
}
