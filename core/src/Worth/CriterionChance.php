<?php

declare(strict_types=1);

namespace Core\Worth;

use Core\Ladder\Criterion;

/** The chance that belongs to a criterion. */
final readonly class CriterionChance
{
    /**
     * @param  int  $trialsASession  at one step, 1 to 200; only criteria over several sessions ask
     */
    public static function of(Criterion $criterion, int $trialsASession): AdvanceChance
    {
        $inOne = $criterion->window === null
            ? RunChance::ofLength($criterion->successes)
            : ShareChance::of($criterion->successes, $criterion->window);

        return $criterion->sessions === 1 ? $inOne : SessionsChance::of($inOne, $criterion->sessions, $trialsASession);
    }
}
