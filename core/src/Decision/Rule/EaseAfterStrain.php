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

/** Struggling: back to what was calm today. The second time that day is enough; a wall of three sessions is named. */
final readonly class EaseAfterStrain implements Rule
{
    private const MAX_IN_A_SESSION = 2;

    public const WALL_SESSIONS = 3;

    private const STEPS = 2;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work === Work::Skill || $last->band !== Band::Strain) {
            return null;
        }
        $sessions = $situation->history->sessionsStruggledUpTo($last->level) + 1;
        $wall = $sessions >= self::WALL_SESSIONS ? [Reason::of(ReasonCode::Wall, count: $sessions)] : [];
        $strains = $situation->log->countOfBand(Band::Strain);
        if ($strains >= self::MAX_IN_A_SESSION) {
            return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::StrainAgain, count: $strains), ...$wall]);
        }

        $food = $last->leftItsFood() ? [Reason::of(ReasonCode::FoodFirst)] : [];

        return (new Retreat($situation))->from($last->level, [Reason::of(ReasonCode::Strain), ...$food, ...$wall], self::STEPS);
    }
}
