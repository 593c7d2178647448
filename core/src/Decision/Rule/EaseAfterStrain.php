<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\EasierLevels;
use Core\Decision\Easing;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Sign\Band;

/** Band 3: ease now. Two of the last three count double, the third of a session ends it, a wall of three sessions splits the step. */
final readonly class EaseAfterStrain implements Rule
{
    private const MAX_IN_A_SESSION = 3;

    private const WALL_SESSIONS = 3;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($last->band !== Band::Strain) {
            return null;
        }
        $strains = $situation->log->countOfBand(Band::Strain);
        if ($strains >= self::MAX_IN_A_SESSION) {
            return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::ThirdStrain, count: $strains)]);
        }
        $failed = ($situation->history->failedSessions[$last->target->step] ?? 0) + 1;
        if ($failed >= self::WALL_SESSIONS && $last->target->step > 0) {
            return $this->split($situation, $last, $failed);
        }
        $lastThree = array_slice($situation->log->trials, -3);
        $recent = count(array_filter($lastThree, static fn (LoggedTrial $trial): bool => $trial->band->atLeast(Band::Strain)));

        return (new Easing($situation))->by($last->target, $recent >= 2 ? 2 : 1, Action::Ease, [
            $recent >= 2
                ? Reason::of(ReasonCode::StrainAgain, count: $recent)
                : Reason::of(ReasonCode::Strain, at: $situation->told($last->exposure)),
        ]);
    }

    private function split(Situation $situation, LoggedTrial $last, int $failed): Advice
    {
        $below = $situation->ladder->step($last->target->step - 1);
        $from = new Level(max(0, $last->target->step - 1), $below->exposure);
        $half = (new EasierLevels($situation))->partWay($from, $last->target);
        $why = [Reason::of(ReasonCode::Wall, count: $failed)];

        return $half !== null
            ? $situation->advise(Action::Split, $half, [...$why, $situation->riskReason($half->exposure)])
            : (new Easing($situation))->by($last->target, 1, Action::Ease, $why);
    }
}
