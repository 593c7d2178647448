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
use Core\Sign\SignKey;

/** Ears fixed forward, brow wrinkled: away from it before anything else shows, a short break, the same place; the second time, easier. */
final readonly class TurnWhenLoading implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work !== Work::Exposure || ! $last->shows(SignKey::Loading) || $last->handlerError) {
            return null;
        }
        $times = $situation->log->count(
            static fn (LoggedTrial $trial): bool => $trial->shows(SignKey::Loading) && ! $trial->handlerError,
        );

        return $times === 1
            ? $situation->advise(Action::Break, $last->level, [Reason::of(ReasonCode::Loading)])
            : (new Retreat($situation))->from($last->level, [Reason::of(ReasonCode::Loading)]);
    }
}
