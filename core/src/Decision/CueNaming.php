<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\DimensionKey;
use Core\Exposure\PlanKind;
use Core\Ladder\FoodTiming;
use Core\Ladder\Step;
use Core\Sign\OutcomeEffect;

/**
 * When a behavior gets its word: once the dog offers it reliably and no food draws it in, and not before. What is done to a dog, or all
 * that it takes is to hold still, is no offer. Common practice.
 */
final readonly class CueNaming
{
    private const WINDOW = 10;

    private const OFFERED = 9;

    /** The advice, with the suggestion where it has just come due: it is made once, not after every repetition. */
    public static function mentioned(Situation $situation, Advice $advice): Advice
    {
        $counted = array_values(array_filter($situation->log->trials, static fn (LoggedTrial $trial): bool => $trial->countsForRun()));
        $isTaught = array_filter($situation->ladder->steps, static fn (Step $step): bool => $step->criterion->isNewBehavior) !== [];
        if (! $isTaught || ! in_array(
            $situation->catalog->plan, [PlanKind::Contact, PlanKind::Duration], true,
        ) || ! self::isReliable($situation, $counted) || self::isReliable($situation, array_slice($counted, 0, -1))) {
            return $advice;
        }

        return $advice->with(Reason::of(ReasonCode::NameIt, count: self::OFFERED, of: self::WINDOW));
    }

    /** @param  list<LoggedTrial>  $counted  oldest first */
    private static function isReliable(Situation $situation, array $counted): bool
    {
        $latest = array_slice($counted, -self::WINDOW);
        $offered = array_filter($latest,
            static fn (LoggedTrial $trial): bool => $trial->outcome->effect() === OutcomeEffect::Success && $trial->band->isBelowThreshold()
                && $situation->ladder->step($trial->level->step)->manner->food !== FoodTiming::Before
                && self::isOffered($situation, $trial));

        return count($latest) === self::WINDOW && count($offered) >= self::OFFERED;
    }

    /** Not where a hand is on the dog, or it is closed in. */
    private static function isOffered(Situation $situation, LoggedTrial $trial): bool
    {
        foreach ($trial->exposure->values as $key => $value) {
            $dimension = $situation->catalog->dimension($key);
            $touches = $key === DimensionKey::Contact->value
                && ($dimension->choice($value)->needs[DimensionKey::Gap->value] ?? INF) === 0.0;
            if ($touches || $dimension->catches($value)) {
                return false;
            }
        }

        return true;
    }
}
