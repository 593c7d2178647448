<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\Picture;
use Core\Ladder\Ladder;
use Core\Ladder\Step;

/**
 * What a trial counts for: where the dog really was, not where it was asked to be. The step it is credited to is the hardest of the ladder
 * that was not harder, in any of its details, than what was done.
 */
final readonly class Credit
{
    /** A detail nobody noted counts as the plan has it; with two of them nobody knows what was done. */
    private const MOST_UNKNOWN = 1;

    public function __construct(private Ladder $ladder, private DimensionCatalog $catalog)
    {
    }

    /** The same session, each trial at the level of what was really done; trials in one place have equal levels. */
    public function log(SessionLog $log): SessionLog
    {
        $places = $trials = [];
        foreach ($log->trials as $trial) {
            $level = $this->level($trial, $places);
            $places[] = $level;
            $trials[] = $trial->at($level);
        }

        return $log->with($trials, $log->setStartedAt);
    }

    /** Whether two exposures are one place to whoever stands there: equal choices, measures within what nobody could tell apart. */
    public function isSamePlace(Exposure $one, Exposure $other): bool
    {
        foreach ($one->values + $other->values as $key => $either) {
            $dimension = $this->catalog->dimension($key);
            $isSaidByOne = ! isset($one->values[$key], $other->values[$key]);
            if ($isSaidByOne && $dimension->picture !== Picture::No) {
                continue;
            }
            $apart = $this->harderBy($key, $other->values[$key] ?? $dimension->usual, $one->values[$key] ?? $dimension->usual);
            if (abs($apart) > $dimension->kind->sameWithin() + 1e-9) {
                return false;
            }
        }

        return true;
    }

    /** Whether one exposure is nowhere easier than another. */
    public function isAtLeast(Exposure $done, Exposure $asked): bool
    {
        $unknown = 0;
        foreach ($asked->values as $key => $value) {
            $real = $done->values[$key] ?? null;
            $unknown += $real === null ? 1 : 0;
            if ($real !== null && $this->harderBy($key, $value, $real) < -$this->catalog->dimension($key)->kind->sameWithin() - 1e-9) {
                return false;
            }
        }
        foreach (array_diff_key($done->values, $asked->values) as $key => $value) {
            if ($this->harderBy($key, $this->catalog->dimension($key)->usual, $value) < -1e-9) {
                return false;
            }
        }

        return $unknown <= self::MOST_UNKNOWN;
    }

    /** The level of an exposure: a step that is the same place, or the hardest step that it is nowhere easier than. */
    public function of(Exposure $exposure): Level
    {
        for ($i = $this->ladder->top(); $i >= 0; $i--) {
            $step = $this->ladder->step($i)->exposure;
            if ($this->isSamePlace($exposure, $step)) {
                return new Level($i, $step);
            }
            if ($this->isAtLeast($exposure, $step)) {
                return $this->beyondStep($i, $exposure);
            }
        }

        return $this->beyondStep(0, $exposure);
    }

    /** An exposure as it is, beyond the hardest step that it is nowhere easier than: a yard on from a step is not the step. */
    public function exactly(Exposure $exposure): Level
    {
        $step = $this->ladder->top();
        while ($step > 0 && ! $this->isAtLeast($exposure, $this->ladder->step($step)->exposure)) {
            $step--;
        }

        return $this->beyondStep($step, $exposure);
    }

    /** @param  non-negative-int  $step */
    private function beyondStep(int $step, Exposure $exposure): Level
    {
        return new Level($step, $exposure, $this->beyond($exposure, $this->ladder->step($step)->exposure));
    }

    /** @param  list<Level>  $places  of the trials before it */
    private function level(LoggedTrial $trial, array $places): Level
    {
        if ($this->isSamePlace($trial->exposure, $trial->level->exposure)) {
            return $this->restored($trial->level);
        }
        foreach (array_reverse($places) as $place) {
            if ($this->isSamePlace($trial->exposure, $place->exposure)) {
                return $place;
            }
        }

        // what a plan does not say is noted, not asked for again: nobody can be told to glance
        return $this->of($this->asPlanned($trial->exposure));
    }

    /** A level read back from a log tells step and exposure alone: how far beyond the step it lies is worked out anew. */
    private function restored(Level $asked): Level
    {
        $beyond = 0.0;
        $step = $this->ladder->step($asked->step)->exposure;
        foreach (array_intersect_key($asked->exposure->values, $step->values) as $key => $value) {
            $by = $this->harderBy($key, $step->values[$key], $value);
            // a choice made easier, and the picture around it, ask for the same thing
            $isSame = ! $this->catalog->dimension($key)->kind->isMeasured() && $by < 0.0
                || $this->catalog->dimension($key)->picture !== Picture::No;
            $beyond += $isSame ? 0.0 : $by;
        }

        return match (true) {
            abs($beyond) <= 1e-9 => $asked,
            // below the first step, or on a ladder that is another by now
            $beyond < 0.0 => $this->of($asked->exposure),
            default => new Level($asked->step, $asked->exposure, $beyond),
        };
    }

    private function asPlanned(Exposure $exposure): Exposure
    {
        foreach (array_keys(array_diff_key($exposure->values, ...array_map(
            static fn (Step $step): array => $step->exposure->values, $this->ladder->steps,
        ))) as $unsaid) {
            $exposure = $exposure->without($unsaid);
        }

        return $exposure;
    }

    private function beyond(Exposure $exposure, Exposure $step): float
    {
        // what is easier in one detail earns nothing by being harder in another
        $easier = $harder = 0.0;
        foreach (array_intersect_key($exposure->values, $step->values) as $key => $value) {
            $by = $this->harderBy($key, $step->values[$key], $value);
            [$easier, $harder] = [$easier + min(0.0, $by), $harder + max(0.0, $by)];
        }

        return $this->isAtLeast($exposure, $step) ? $harder : $easier;
    }

    private function harderBy(string $key, float|string $from, float|string $to): float
    {
        $dimension = $this->catalog->dimension($key);

        return $dimension->covariate($to, 1.0) - $dimension->covariate($from, 1.0);
    }
}
