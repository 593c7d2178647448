<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\Dimension;
use Core\Exposure\DimensionChange;
use Core\Exposure\DimensionKey;
use Core\Exposure\DimensionKind;
use Core\Exposure\DimensionValue;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Exposure\Picture;
use Core\Measure\Distance;

/** Finds easier levels: lower steps, more distance, or something else made easier. */
final readonly class EasierLevels
{
    /** Logits of one "ease". */
    public const EASE = 0.5;

    /** Logits by which a step of the ladder may fall short of the ease asked for: ladders are laid at an earlier slope. */
    private const STEP_TOLERANCE = 0.1;

    /** Logits under which splitting a step further makes no sense. */
    private const MIN_STEP = 0.1;

    /** Logits by which each time it helped lifts a change in the ranking. */
    private const HELPED_LOGITS = 0.2;

    private const MAX_HELPED = 5;

    private const MAX_OTHERS = 3;

    private const MAX_PICTURES = 6;

    /** Logits between the distances tried. */
    private const GRID = 0.125;

    public function __construct(private Situation $situation)
    {
    }

    /**
     * The hardest level that is at least so many logits easier and meets today's limits; a step of the ladder if one
     * fits. Without a model: the next lower step. Null if there is none in the room there is.
     *
     * @param  float  $logits  0 for "only just allowed"
     */
    public function below(Level $from, float $logits): ?Level
    {
        $situation = $this->situation;
        if ($situation->model === null) {
            $steps = max(1, (int) round($logits / self::EASE));

            return $from->step - $steps < 0
                ? null
                : new Level($from->step - $steps, $situation->ladder->step($from->step - $steps)->exposure);
        }
        $most = $situation->load($from->exposure) - $logits;
        $best = null;
        foreach ($situation->ladder->steps as $i => $step) {
            $load = $situation->load($step->exposure);
            $easier = $logits > 0.0 ? $load <= $most + self::STEP_TOLERANCE : $load < $most - 1e-9;
            if ($easier && ($best === null || $load > $situation->load($best->exposure)) && $situation->allows($step->exposure)) {
                $best = new Level($i, $step->exposure);
            }
        }

        if ($best !== null) {
            return $best;
        }
        foreach ($this->variants($from->exposure) as $variant) {
            $level = $this->milder($variant, $most);
            if ($level !== null) {
                return $level;
            }
        }

        return null;
    }

    /** The easiest exposure there is room for: as far as the place allows, all else at its easiest. Where probes are made. */
    public function easiest(): Level
    {
        $variants = $this->variants($this->situation->ladder->step(0)->exposure);
        $easiest = $variants[count($variants) - 1];
        $room = $this->situation->settings->room;
        $distance = $easiest->distance();

        return new Level(
            0, $room === null || $distance === null || $room->meters <= $distance->meters ? $easiest : $easiest->withDistance($room),
        );
    }

    /**
     * Part of the way from one level to a harder one, changing one dimension: as near as can be to half the load, and
     * within today's limits. Null if there is nothing between.
     */
    public function partWay(Level $from, Level $to): ?Level
    {
        $low = $this->situation->load($from->exposure);
        $high = $this->situation->load($to->exposure);
        $best = null;
        $nearest = INF;
        foreach ($this->oneChangeToward($from->exposure, $to->exposure) as $exposure) {
            $load = $this->situation->load($exposure);
            $off = abs($load - ($low + $high) / 2.0);
            if ($load > $low + self::MIN_STEP && $load < $high - self::MIN_STEP && $off < $nearest && $this->situation->allows($exposure)) {
                [$best, $nearest] = [new Level($from->step, $exposure), $off];
            }
        }

        return $best;
    }

    /**
     * One other thing changed, largest relief first, what helped this dog before ahead of its load. In contact plans that is
     * the picture around what is asked, which stays the same; elsewhere any stated choice made easier.
     *
     * @return list<Alternative>
     */
    public function byOtherThings(Level $from): array
    {
        $pictures = array_filter($this->situation->catalog->dimensions, static fn (
            Dimension $dimension,
        ): bool => $dimension->picture !== Picture::No);
        $found = [];
        foreach ($this->situation->model === null ? [] : array_keys($pictures === [] ? $from->exposure->values : $pictures) as $key) {
            $dimension = $this->situation->catalog->dimension($key);
            $choice = $dimension->kind === DimensionKind::Ordered && $dimension->eases
                ? self::otherChoice($dimension, (string) ($from->exposure->values[$key] ?? $dimension->usual))
                : null;
            if ($choice === null) {
                continue;
            }
            $exposure = $from->exposure->with($key, $choice->key);
            $off = $this->relief($from->exposure, $exposure, $dimension);
            if (($off > 0.0 || $dimension->picture === Picture::Swaps) && $this->situation->allows($exposure)) {
                $found[] = new Alternative(
                    new Level($from->step, $exposure), new DimensionChange($this->situation->catalog->plan, $key, $choice->key),
                    max(0.0, $off), $this->situation->history->helped[$key] ?? 0,
                );
            }
        }
        $worth = static fn (Alternative $of): float => $of->logitsOff + self::HELPED_LOGITS * min(self::MAX_HELPED, $of->helped);
        usort($found, static fn (Alternative $a, Alternative $b): int => $worth($b) <=> $worth($a));

        return array_slice($found, 0, $pictures === [] ? self::MAX_OTHERS : self::MAX_PICTURES);
    }

    /** The choice just easier, or, where none is easier in general, the other one. */
    private static function otherChoice(Dimension $dimension, string $value): ?DimensionValue
    {
        if ($dimension->picture === Picture::Swaps) {
            foreach ($dimension->values as $choice) {
                if ($choice->key !== $value) {
                    return $choice;
                }
            }
        }

        return $dimension->nextEasier($value);
    }

    /** Logits taken off by this dog's model; where it does not look at the dimension, by a typical dog's. */
    private function relief(Exposure $from, Exposure $to, Dimension $dimension): float
    {
        $model = $this->situation->model;
        if ($model === null || in_array($dimension->key, $model->scale->keys(), true)) {
            return $this->situation->load($from) - $this->situation->load($to);
        }
        $x = static fn (Exposure $of): float =>
            $dimension->covariate($of->values[$dimension->key] ?? $dimension->usual, $model->scale->reference->meters);

        return $dimension->slope->mode() * ($x($from) - $x($to));
    }

    /**
     * The exposure itself, then with one stated dimension after the other at its easiest, largest relief first: what a
     * handler can change when there is no more room.
     *
     * @return non-empty-list<Exposure>
     */
    private function variants(Exposure $exposure): array
    {
        $relief = [];
        foreach ($exposure->values as $key => $value) {
            $dimension = $this->situation->catalog->dimension($key);
            $easiest = $dimension->kind === DimensionKind::Ordered && $dimension->eases ? ($dimension->values[0] ?? null) : null;
            if ($easiest !== null && $easiest->key !== $value) {
                $relief[$key] = [$easiest->key, $this->situation->load(
                    $exposure,
                ) - $this->situation->load($exposure->with($key, $easiest->key))];
            }
        }
        uasort($relief, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $variants = [$exposure];
        foreach ($relief as $key => [$easiest]) {
            $exposure = $exposure->with($key, $easiest);
            $variants[] = $exposure;
        }

        return $variants;
    }

    /**
     * The hardest value of its leading measure (distance, gap, level, time) at which this exposure is allowed and its load
     * at most so much; null if the room, or what can be set up, ends before.
     */
    private function milder(Exposure $exposure, float $most): ?Level
    {
        $model = $this->situation->model;
        $measure = $this->leadingMeasure($exposure);
        $range = $measure?->range();
        if ($model === null || $measure === null || $range === null) {
            return null;
        }
        $reference = $model->scale->reference->meters;
        $room = $measure->key === DimensionKey::Distance->value ? $this->situation->settings->room?->meters : null;
        $start = $measure->covariate($exposure->values[$measure->key], $reference);
        $end = $measure->covariate($room ?? $range[0], $reference);
        for ($ease = max($this->situation->load($exposure) - $most, 0.0); ; $ease += self::GRID) {
            $x = $start - $ease / $model->slope($measure->key);
            if ($x < $end - 1e-9) {
                return null;
            }
            $milder = $this->situation->catalog->settled($exposure->with($measure->key, $measure->valueAt($x, $reference)));
            if ($this->situation->allows($milder)) {
                return new Level($this->stepAbove($milder), $milder);
            }
        }
    }

    /** The first measured dimension of the catalog that the exposure states and a handler can ease. */
    private function leadingMeasure(Exposure $exposure): ?Dimension
    {
        foreach ($this->situation->catalog->dimensions as $dimension) {
            if ($dimension->kind->isMeasured() && $dimension->eases && isset($exposure->values[$dimension->key])) {
                return $dimension;
            }
        }

        return null;
    }

    /** @return non-negative-int the lowest step at least as hard as the exposure */
    private function stepAbove(Exposure $exposure): int
    {
        $load = $this->situation->load($exposure);
        foreach ($this->situation->ladder->steps as $i => $step) {
            if ($this->situation->load($step->exposure) >= $load - LoadScale::SAME_LOGITS) {
                return $i;
            }
        }

        return $this->situation->ladder->top();
    }

    /**
     * The exposure with one dimension moved toward another exposure: distance and time by half, choices by each value between.
     *
     * @return list<Exposure>
     */
    private function oneChangeToward(Exposure $from, Exposure $to): array
    {
        $changed = [];
        foreach ($to->values as $key => $value) {
            $here = $from->values[$key] ?? null;
            if ($here === null || $here === $value) {
                continue;
            }
            $dimension = $this->situation->catalog->dimension($key);
            $reference = $this->situation->model === null ? 1.0 : $this->situation->model->scale->reference->meters;
            $between = $dimension->between($here, $value, $reference);
            foreach ($dimension->kind->isMeasured() ? $between : [...$between, $value] as $part) {
                $changed[] = $this->situation->catalog->settled($from->with($key, $part));
            }
        }

        return $changed;
    }
}
