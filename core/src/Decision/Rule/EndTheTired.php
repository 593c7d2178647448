<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\Rule;
use Core\Decision\Situation;

/** Slow walking and turning late in a session is tiredness: end, don't ease. */
final readonly class EndTheTired implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        return in_array('slow.walk', $last->signs, true)
            ? $situation->advise(Action::EndWell, null, [new Reason('tired', 'Walks or turns slowly: tired. End here, with something it loves. Easier trials would not help.')])
            : null;
    }
}
