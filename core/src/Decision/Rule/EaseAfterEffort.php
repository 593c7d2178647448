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
use Core\Sign\Band;

/**
 * Stretched twice in the last five trials at a level: easier before it gets worse. Once is a reason to watch, no more; but it ends peeks at
 * a place that nobody knew.
 */
final readonly class EaseAfterEffort implements Rule
{
    private const TIMES = 2;

    private const OF = 5;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work !== Work::Exposure || $last->band !== Band::Effort || ! $last->countsForRun()) {
            return null;
        }
        if ($last->under === Action::Peek) {
            return (new Retreat($situation))->from($last->level, [Reason::of(ReasonCode::PeekStretched)]);
        }
        $five = array_slice($situation->log->atLevel(), -self::OF);
        $effort = count(array_filter($five, static fn (LoggedTrial $trial): bool => $trial->band === Band::Effort));

        return $effort < self::TIMES ? null : (new Retreat($situation))->from($last->level, [
            Reason::of(ReasonCode::Effort, count: $effort, of: count($five)),
        ]);
    }
}
