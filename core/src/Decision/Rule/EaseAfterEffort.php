<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Easing;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Sign\Band;
use Core\Sign\OutcomeEffect;

/**
 * Three of the last five trials at a level with effort: ease before it gets worse; and back at once after a skip. A dog's no is counted
 * apart.
 */
final readonly class EaseAfterEffort implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $isEffort = static fn (LoggedTrial $trial): bool => $trial->band === Band::Effort
            && $trial->outcome->effect() !== OutcomeEffect::OptOut;
        if (! $isEffort($last)) {
            return null;
        }
        $five = array_slice($situation->log->atLevel(), -5);
        $effort = count(array_filter($five, $isEffort));
        if ($effort >= 3) {
            return (new Easing($situation))->by($last->target, 1, Action::Ease, [
                Reason::of(ReasonCode::Effort, at: $situation->told($last->target->exposure), count: $effort, of: count($five)),
            ]);
        }

        return count($situation->log->atLevel()) === 1 && $this->cameBySkipping($situation, $last)
            ? (new Easing($situation))->by($last->target, 1, Action::Ease, [Reason::of(ReasonCode::SkipBack)])
            : null;
    }

    private function cameBySkipping(Situation $situation, LoggedTrial $last): bool
    {
        $before = $situation->log->trials[count($situation->log->trials) - 2] ?? null;

        return $before !== null && $last->target->step > $before->target->step + 1;
    }
}
