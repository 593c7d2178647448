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
use Core\Decision\Work;
use Core\Sign\SignKey;

/**
 * Slow walking and turning late in a session is tiredness: end, don't ease. So is panting that goes on, with neither heat nor a run to
 * explain it, where a trigger is about: leave. Common practice.
 */
final readonly class EndTheTired implements Rule
{
    /** Trials running: half a minute or so. */
    private const PANTING = 2;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $isPanting = static fn (LoggedTrial $trial): bool => $trial->shows(SignKey::HeavyPanting);
        $why = match (true) {
            $last->shows(SignKey::SlowWalk) => ReasonCode::Tired,
            $situation->work === Work::Exposure && $situation->log->runOf($isPanting) >= self::PANTING => ReasonCode::Panting,
            default => null,
        };

        return $why === null ? null : $situation->advise(Action::EndWell, null, [Reason::of($why)]);
    }
}
