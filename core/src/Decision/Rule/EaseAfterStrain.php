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
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Sign\Band;

/** Band 3: ease now. Two of the last three count double, the third of a session ends it, a wall of three sessions splits the step. */
final readonly class EaseAfterStrain implements Rule
{
    private const MOST_IN_A_SESSION = 3;

    private const WALL_SESSIONS = 3;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($last->band !== Band::Strain) {
            return null;
        }
        $strains = $situation->log->countOfBand(Band::Strain);
        if ($strains >= self::MOST_IN_A_SESSION) {
            return $situation->advise(Action::EndWell, null, [new Reason('third-strain', "Strain {$strains} times today: enough. End with one thing it knows, well paid, and something it loves.")]);
        }
        $failed = ($situation->history->failedSessions[$last->target->step] ?? 0) + 1;
        if ($failed >= self::WALL_SESSIONS && $last->target->step > 0) {
            return $this->split($situation, $last, $failed);
        }
        $lastThree = array_slice($situation->log->trials, -3);
        $recent = count(array_filter($lastThree, static fn (LoggedTrial $trial): bool => $trial->band->atLeast(Band::Strain)));

        return (new Easing($situation))->by($last->target, $recent >= 2 ? 2 : 1, Action::Ease, [
            new Reason('strain', $recent >= 2
                ? "Strain in {$recent} of the last three trials: two steps easier."
                : 'Strain at '.$situation->words($last->exposure).': too hard, ease now.'),
        ]);
    }

    private function split(Situation $situation, LoggedTrial $last, int $failed): Advice
    {
        $below = $situation->ladder->step($last->target->step - 1);
        $from = new Level(max(0, $last->target->step - 1), $below->exposure);
        $half = (new EasierLevels($situation))->partWay($from, $last->target);
        $why = [new Reason('wall', "The same step gave strain in {$failed} sessions: split it, change another dimension, and check pain and kit.")];

        return $half !== null
            ? $situation->advise(Action::Split, $half, [...$why, $situation->riskReason($half->exposure)])
            : (new Easing($situation))->by($last->target, 1, Action::Ease, $why);
    }
}
