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
use Core\Sign\OutcomeEffect;

/** Ten trials at a level without meeting its criterion, half of them watched or prompted: half a step easier. */
final readonly class HalfStepBackWhenStuck implements Rule
{
    private const TRIALS = 10;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $here = $situation->log->atLevel();
        $stayed = count(array_filter($here, static fn (LoggedTrial $trial): bool => $trial->outcome->effect() === OutcomeEffect::Stay));
        if (count($here) < self::TRIALS || 2 * $stayed < count($here) || $last->outcome->effect() !== OutcomeEffect::Stay) {
            return null;
        }

        return (new Easing($situation))->by($last->target, 0.5, Action::Ease, [
            Reason::of(ReasonCode::Stuck, count: count($here), stayed: $stayed),
        ]);
    }
}
