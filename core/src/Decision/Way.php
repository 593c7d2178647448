<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\Dimension;
use Core\Exposure\DimensionKey;
use Core\Exposure\DimensionKind;
use Core\Exposure\Exposure;
use Core\Ladder\EqualRatioLadder;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Measure\SoundLevel;

/**
 * The way up and down from a level: the next step, part of it, and what is easier. Only what somebody can set up here, and tell apart.
 */
final readonly class Way
{
    /** A step nearer is a tenth to a quarter of the distance, whatever the model makes of it. */
    private const LEAST_STEP = 0.10;

    private const MOST_STEP = 0.25;

    /** Part of a step is a twentieth of the distance at least. */
    private const LEAST_PART = 0.05;

    /** And one pace. */
    private const PACE_METERS = 0.75;

    /** Nobody paces out more. */
    public const FARTHEST_METERS = 100.0;

    /** Centimeters that a person can tell apart under the hand, seconds that can be counted, decibels that a meter shows. */
    private const TOLD_APART = ['gap' => 3.0, 'time' => 1.0, 'sound_level' => 1.0, 'share' => 0.1, 'speed' => 0.3];

    public function __construct(private Situation $situation)
    {
    }

    /** The next step up: null at the top. Its own step of the ladder where the level lies below it. */
    public function next(Level $here): ?Level
    {
        $ladder = $this->situation->ladder;
        $own = Level::ofStep($ladder, $here->step);
        if ($here->beyond < -1e-9 && ($here->step === $ladder->top() || ! $this->isUnderAPart($here, $own))) {
            return $this->sized($here, $own);
        }
        if ($here->step >= $ladder->top()) {
            return null;
        }
        $next = $here->step + 1;
        while ($next < $ladder->top() && $this->isHardlyNearer($here->exposure, $ladder->step($next)->exposure)
            && $this->isOnlyNearer($here->exposure, $ladder->step($next + 1)->exposure)) {
            $next++;
        }

        return $this->sized($here, Level::ofStep($ladder, $next));
    }

    /**
     * Part of the way to a harder level, as small as can be done and told apart: half of it where only a measure changes, a choice
     * between where there is one. Where a named step changes several things at once, one measure of them, with all else as it is: half
     * as close, half the way. Null if there is nothing between.
     */
    public function part(Level $here, Level $next): ?Level
    {
        $changed = $this->changed($here->exposure, $next->exposure);
        if (count($changed) === 1) {
            return $this->partOf($changed[0], $here, $next);
        }
        foreach ($changed as $dimension) {
            $part = $dimension->kind->isMeasured() ? $this->partOf($dimension, $here, $next) : null;
            if ($part !== null && $part->isHarderThan($here) && $this->situation->catalog->isPossible($part->exposure)) {
                return $part;
            }
        }

        return null;
    }

    private function partOf(Dimension $dimension, Level $here, Level $next): ?Level
    {
        [$from, $to] = [$here->exposure->values[$dimension->key], $next->exposure->values[$dimension->key]];
        if (! $dimension->kind->isMeasured()) {
            // one part of the body is never a step on the way to another
            $between = $dimension->eases ? $dimension->between($from, $to, 1.0) : [];

            return $between === [] ? null : $this->situation->credit->exactly($here->exposure->with($dimension->key, $between[0]));
        }
        $half = $dimension->between($from, $to, 1.0)[0];
        if ($dimension->kind === DimensionKind::Distance) {
            $half = self::paced(min((float) $half, (float) $from - self::leastPart((float) $from)));

            return $half > (float) $to + self::PACE_METERS / 2.0
                ? $this->situation->credit->exactly($here->exposure->with($dimension->key, $half))
                : null;
        }
        $half = self::told((float) $half, $dimension->kind);
        $least = self::TOLD_APART[$dimension->kind->value] ?? 0.0;

        return abs($half - (float) $from) < $least - 1e-9 || abs((float) $to - $half) < $least - 1e-9
            ? null
            : $this->situation->credit->exactly($here->exposure->with($dimension->key, $half));
    }

    /** The hardest level that was calm today and is easier, on the way to this one: what a tool did says nothing of its sound. */
    public function calm(Level $from): ?Level
    {
        $ladder = $this->situation->ladder;

        return $this->situation->log->hardestCalm(
            $from, static fn (Level $level): bool => $level->step === $from->step || $ladder->isOnWay($level->step, $from->step),
        );
    }

    /**
     * Down the way it came: the hardest level that was calm today and is easier; else steps below. Null where nothing easier can be done
     * here.
     *
     * @param  positive-int  $steps  where nothing was calm today
     */
    public function back(Level $from, int $steps = 1): ?Level
    {
        return $this->calm($from) ?? $this->below($from, $steps);
    }

    /** So many steps below a level: farther with everything else the same, or down the ladder. Null where the room or ladder ends. */
    public function below(Level $from, int $steps): ?Level
    {
        $dimension = $this->leadingMeasure($from->exposure);
        if ($this->situation->work === Work::Exposure && $dimension !== null && $steps > 0) {
            $value = (float) $from->exposure->values[$dimension->key];
            for ($i = 0; $i < $steps; $i++) {
                $value = $this->oneStepEasier($value, $dimension);
            }
            $value = $dimension->kind === DimensionKind::Distance
                ? min(self::paced($value), $this->room())
                : self::told($value, $dimension->kind);
            $level = $this->level($from->exposure->with($dimension->key, $value));

            return $from->isHarderThan($level) && ! $this->situation->credit->isSamePlace($level->exposure, $from->exposure)
                ? $level
                : null;
        }
        $step = $from->step;
        for ($i = $from->beyond > 1e-9 ? 1 : 0; $i < $steps && $step !== null; $i++) {
            // where a strand begins there are no two steps below it, but the first of the ladder
            $step = $this->situation->ladder->below($step) ?? ($from->step >= $steps ? 0 : null);
        }

        return $step === null ? null : Level::ofStep($this->situation->ladder, $step);
    }

    /** Whether one of two exposures is where nobody gets from the other within a session. */
    public function isElsewhere(Exposure $from, Exposure $to): bool
    {
        foreach ($this->changed($from, $to) as $dimension) {
            $isFar = static fn (Exposure $of): bool => ! $dimension->kind->isMeasured()
                && $dimension->choice($of->values[$dimension->key])->isElsewhere;
            if ($isFar($from) || $isFar($to)) {
                return true;
            }
        }

        return false;
    }

    /** Meters that can be used here. */
    public function room(): float
    {
        return min(self::FARTHEST_METERS, $this->situation->settings->room->meters ?? self::FARTHEST_METERS);
    }

    /** A level of an exposure that may lie between two steps. */
    public function level(Exposure $exposure): Level
    {
        return $this->situation->credit->of($exposure);
    }

    /** A number that people can pace out: whole meters, halves under ten. */
    public static function paced(float $meters): float
    {
        return $meters >= 10.0 ? round($meters) : max(0.5, round(2.0 * $meters) / 2.0);
    }

    /** Whether nobody could tell a level from a harder one by walking: less than part of a step lies between. */
    public function isUnderAPart(Level $here, Level $harder): bool
    {
        $nearer = self::meters($here->exposure) - self::meters($harder->exposure);

        return $this->isOnlyNearer($here->exposure, $harder->exposure)
            && $nearer < self::leastPart(self::meters($here->exposure)) - 1e-9;
    }

    /** Meters that part of a step is at least. */
    private static function leastPart(float $meters): float
    {
        return max(self::PACE_METERS, self::LEAST_PART * $meters);
    }

    /** How many steps one level lies beyond another, where only the distance differs; null where something else does. */
    public function stepsBetween(Exposure $from, Exposure $to): ?float
    {
        $changed = $this->changed($from, $to);
        $isDistance = count($changed) === 1 && $changed[0]->kind === DimensionKind::Distance;

        return $isDistance ? log(self::meters($from) / self::meters($to)) / -log(1.0 - $this->share()) : null;
    }

    /** A step of the ladder that is farther than a step may go is walked in more of them; what else it changes comes with the last. */
    private function sized(Level $here, Level $next): Level
    {
        $size = $this->situation->settings->choices->stepSize;
        $meters = self::meters($here->exposure);
        if ($size === StepSize::AsShown || $next->exposure->distance() === null || self::meters($next->exposure) >= $meters) {
            return $next;
        }
        $yard = $meters - DistanceUnit::Yard->meters();
        [$least, $nearer] = $size === StepSize::Yard
            ? [$yard, $yard]
            : [$meters * (1.0 - self::MOST_STEP), self::paced($meters * (1.0 - $this->share()))];

        return self::meters($next->exposure) >= min($least - 1e-9, $nearer)
            ? $next
            : $this->situation->credit->exactly($here->exposure->withDistance(Distance::fromMeters($nearer)));
    }

    /** The share of the distance that half a logit of this dog's slope is, within what a step may be. */
    private function share(): float
    {
        $slope = $this->situation->model?->slopePerHalving();
        $share = $slope === null ? 0.15 : 1.0 - 2.0 ** (-EqualRatioLadder::USUAL_STEP_LOGITS / max(0.1, $slope));

        return min(self::MOST_STEP, max(self::LEAST_STEP, $share));
    }

    private function oneStepEasier(float $value, Dimension $dimension): float
    {
        return match ($dimension->kind) {
            DimensionKind::Distance => $this->situation->settings->choices->stepSize === StepSize::Yard
                // far away a yard cannot be told apart
                ? max($value + DistanceUnit::Yard->meters(), $value * (1.0 + self::LEAST_PART))
                : $value / (1.0 - $this->share()),
            DimensionKind::SoundLevel => max($dimension->range()[0] ?? 20.0, $value - SoundLevel::USUAL_STEP),
            default => $value,
        };
    }

    private function isOnlyNearer(Exposure $from, Exposure $to): bool
    {
        $changed = $this->changed($from, $to);

        return count($changed) === 1 && $changed[0]->kind === DimensionKind::Distance && self::meters($to) < self::meters($from);
    }

    /** Whether a step of the ladder is less than a step: it was laid for another slope, or the dog stands beyond the one before. */
    private function isHardlyNearer(Exposure $from, Exposure $to): bool
    {
        return $this->situation->settings->choices->stepSize === StepSize::Ratio && $this->isOnlyNearer($from, $to)
            && self::meters($to) > self::meters($from) * (1.0 - self::LEAST_STEP) + 1e-9;
    }

    /** @return list<Dimension> that both state and in which they differ */
    private function changed(Exposure $from, Exposure $to): array
    {
        $changed = [];
        foreach ($to->values as $key => $value) {
            if (isset($from->values[$key]) && $from->values[$key] !== $value) {
                $changed[] = $this->situation->catalog->dimension($key);
            }
        }

        return $changed;
    }

    private function leadingMeasure(Exposure $exposure): ?Dimension
    {
        $key = DimensionKey::leading($this->situation->catalog->plan)->value;

        return isset($exposure->values[$key]) ? $this->situation->catalog->dimension($key) : null;
    }

    private static function meters(Exposure $exposure): float
    {
        return $exposure->distance()->meters ?? 0.0;
    }

    /** Whole seconds, half decibels, and centimeters as an eye takes them: by fives from 20 on, by tens from 100 on. */
    private static function told(float $value, DimensionKind $kind): float
    {
        return match ($kind) {
            DimensionKind::Time => round($value),
            DimensionKind::Gap => match (true) {
                $value < 20.0 => round($value),
                $value < 100.0 => 5.0 * round($value / 5.0),
                default => 10.0 * round($value / 10.0),
            },
            DimensionKind::SoundLevel => round(2.0 * $value) / 2.0,
            default => round($value, 1),
        };
    }
}
