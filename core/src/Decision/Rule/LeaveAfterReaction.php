<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
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
                new Reason('second-reaction', "{$reactions} reactions today: the session ends here. Leave calmly, distance first, no scolding."),
                new Reason('easy-days', 'The next session starts at least two steps lower; one to three easy days before it are common practice.'),
            ]);
        }

        return $situation->advise(Action::Break, null, [
            new Reason('reaction', 'A reaction at '.$situation->words($last->exposure).': leave calmly, distance first, out of sight, no scolding.'),
            new Reason('recover', 'Nothing more until the dog eats and can do a known cue there. Then go home, or at the most three very easy trials. Nothing advances any more today.'),
        ]);
    }
}
