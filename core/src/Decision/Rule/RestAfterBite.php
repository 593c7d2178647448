<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\Rule;
use Core\Decision\Situation;

/** A bite ends the session, and the plan rests until a named person has reviewed it. */
final readonly class RestAfterBite implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if (in_array('bite', $last->signs, true)) {
            return $situation->advise(Action::Stop, null, [
                new Reason('bite', 'Teeth on skin or cloth: secure the dog, look after the person, and write down what happened while it is fresh.'),
                new Reason('bite-review', 'This plan rests and gives no advice until a named person has reviewed it. Ask a qualified behavior professional; local rules on reporting apply.'),
            ]);
        }

        return $situation->history->locked === null ? null : $situation->advise(Action::Refer, null, [new Reason('locked', $situation->history->locked)]);
    }
}
