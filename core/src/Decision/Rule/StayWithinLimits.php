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

/** Every exposure must meet today's limits, the one at hand too; a plan whose trials have all been calm may probe three times a session. */
final readonly class StayWithinLimits implements Rule
{
    public const MOST_PROBES = 3;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->model === null || $situation->allows($last->target->exposure)) {
            return null;
        }
        $easier = new EasierLevels($situation);
        if ($easier->below($last->target, 0.0) !== null) {
            return (new Easing($situation))->by($last->target, 0, Action::Ease, [
                new Reason('beyond-limit', 'Today '.$situation->words($last->target->exposure).' is beyond the limits, so ease although nothing went wrong yet.'),
            ]);
        }
        $probes = count($situation->log->trials);
        $calm = $situation->log->count(static fn (LoggedTrial $trial): bool => $trial->band->isBelowThreshold()) === $probes;
        if ($situation->history->calmSoFar && $probes < self::MOST_PROBES && $calm) {
            $level = $easier->easiest();

            return $situation->advise(Action::Probe, $level, [
                new Reason('probe', sprintf('Short look %d of at most %d, 3 s or less, at the easiest there is. Stop at the first sign of effort.', $probes + 1, self::MOST_PROBES)),
                $situation->riskReason($level->exposure),
            ]);
        }
        $level = $easier->easiest();
        $excess = $situation->settings->limits->excess($situation->model->risk($level->exposure, $situation->day()));

        return $situation->advise(Action::EndWell, null, [
            new Reason('no-exposure', sprintf('No exposure here is within the limits: even at %s it is %.1f logits beyond. End well; find more room, or do foundation work.', $situation->words($level->exposure), max(0.0, $excess))),
        ]);
    }
}
