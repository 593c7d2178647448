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

/** Grabbing, demand barking, bossy offering: over-excited, where more distance is not the answer. */
final readonly class CalmTheOverEager implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if (! $situation->signs->hasOverEager($last->signs) || $last->band->atLeast(Band::Strain)) {
            return null;
        }

        return $situation->advise(Action::ChangeOther, $last->level, [
            Reason::of(ReasonCode::OverEager),
        ]);
    }
}
