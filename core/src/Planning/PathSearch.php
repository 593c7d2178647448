<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Exception\ErrorCode;
use Core\Exception\InvalidLadder;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Ladder\EqualRatioLadder;
use Core\Response\DogModel;

/**
 * Finds a ladder of its own through several dimensions at once, from today's model.
 *
 * A step raises one dimension; the net load rises by at most one step of logits. Only the leading measure (distance, gap, level,
 * time) may ease to pay for a raise, by at most 2 logits, so a step may even be easier than the one before: "moving trigger: start
 * again from farther". Of all ladders with the fewest steps the evenest is taken (least Σ Δη²), of these the one that changes the
 * moving dimension least often. That is the optimum of the additive cost (1, Δη², 1 if the mover changes) in that order, found
 * layer by layer: first which states lie on a shortest way, then the best way through those alone.
 */
final readonly class PathSearch
{
    /** Dimensions that may move. */
    public const MAX_MOVING = 4;

    /** Grid of the leading measure: so many to a step. */
    private const FINE = 4;

    /** Logits by which the measure may ease to pay for a raise. */
    private const MAX_EASE = 2.0;

    private const MAX_STATES = 40_000;

    private const TINY = 1e-9;

    public function __construct(private DogModel $model, private float $step = EqualRatioLadder::USUAL_STEP_LOGITS)
    {
    }

    /**
     * @param  Exposure  $from  fine now
     * @param  Exposure  $to  the goal; states the same dimensions
     * @param  list<string>  $moving  keys of at most four dimensions that may move; the others are as at the goal
     * @param  ?float  $easiest  of the leading measure, as far as the place allows; null if it does not end
     *
     * @throws InvalidLadder if a dimension is unknown, more than four move, or the grid is too large
     */
    public function find(Exposure $from, Exposure $to, array $moving, ?float $easiest = null): FoundPath|NoPath
    {
        if ($moving === [] || count($moving) > self::MAX_MOVING) {
            throw InvalidLadder::at('/moving', ErrorCode::MovingCount, most: self::MAX_MOVING);
        }
        foreach ($moving as $key) {
            if (! isset($from->values[$key], $to->values[$key]) || ! $this->model->scale->catalog->has($key)) {
                throw InvalidLadder::at(
                    '/moving', ErrorCode::MovingUnsaid, plan: $this->model->scale->catalog->plan->value, dimension: $key,
                );
            }
        }
        $found = $this->through($from, $to, $moving, $easiest, 0.0);
        if ($found !== null) {
            return $found;
        }
        for ($more = 1.0; $more <= 4.0 && $easiest !== null; $more++) {
            if ($this->through($from, $to, $moving, $easiest, $more) !== null) {
                $measure = $this->measure($moving) ?? throw new \LogicException('Only a measure has an easiest value.');

                return NoPath::withMoreRoom($measure, $this->eased($measure, $easiest, $more));
            }
        }

        return $this->blocked($from, $to, $moving);
    }

    /** @param  list<string>  $moving */
    private function through(Exposure $from, Exposure $to, array $moving, ?float $easiest, float $more): ?FoundPath
    {
        $measure = $this->measure($moving);
        $axes = [];
        foreach ($moving as $key) {
            if ($key !== $measure?->key) {
                $axes[$key] = $this->axis($this->model->scale->catalog->dimension($key), $from->values[$key], $to->values[$key]);
            }
        }
        $room = $measure === null || $easiest === null || $more === 0.0 ? $easiest : $this->eased($measure, $easiest, $more);
        $grid = $measure === null
            ? [[0.0], [null]]
            : $this->grid($measure, (float) $from->values[$measure->key], (float) $to->values[$measure->key], $room);
        $states = (int) array_product([count($grid[0]), ...array_map(count(...), array_values($axes))]);
        if ($states > self::MAX_STATES) {
            throw InvalidLadder::at('/moving', ErrorCode::TooManyStates, states: $states, most: self::MAX_STATES);
        }
        $lattice = new PathLattice($axes, $grid[0], $this->step, self::FINE, self::MAX_EASE, $this->impossible($axes, $measure, $grid[1]));
        $start = $measure === null ? 0 : $this->snapped($grid[0], $this->contribution($measure, $from->values[$measure->key]));
        $way = $lattice->shortest(
            $start, $measure === null ? 0 : $this->snapped($grid[0], $this->contribution($measure, $to->values[$measure->key])),
        );
        if ($way === null) {
            return null;
        }
        $exposures = [$from];
        foreach (array_slice($way['states'], 1) as [$choices, $level]) {
            $exposure = $to;
            foreach (array_keys($axes) as $a => $key) {
                $exposure = $exposure->with($key, $axes[$key][$choices[$a]][0]);
            }
            $exposures[] = $measure === null ? $exposure : $exposure->with($measure->key, round((float) $grid[1][$level], 4));
        }
        // the goal itself, not its place on the grid
        $exposures[count($exposures) - 1] = $to;

        return new FoundPath($exposures, $way['squares'], $way['changes'], $states);
    }

    /**
     * The measure that may ease: the leading one of the plan's kind, else the first that moves.
     *
     * @param  list<string>  $moving
     */
    private function measure(array $moving): ?Dimension
    {
        $catalog = $this->model->scale->catalog;
        $measures = array_values(array_filter(array_map($catalog->dimension(...), $moving), static fn (
            Dimension $dimension,
        ): bool => $dimension->kind->isMeasured() && $dimension->eases));
        foreach ($measures as $measure) {
            if ($measure->key === DimensionKey::leading($catalog->plan)->value) {
                return $measure;
            }
        }

        return $measures[0] ?? null;
    }

    /**
     * Values of one dimension from the start's to the goal's, easiest first, each with its load. One that is easier at the goal is so from
     * the first step on.
     *
     * @return non-empty-list<array{float|string, float}>
     */
    private function axis(Dimension $dimension, float|string $from, float|string $to): array
    {
        $rise = $this->contribution($dimension, $to) - $this->contribution($dimension, $from);
        if ($rise <= self::TINY) {
            return [[$to, $this->contribution($dimension, $to)]];
        }
        $between = $dimension->between($from, $to, $this->model->scale->reference->meters, max(2, (int) ceil($rise / $this->step)));

        return array_map(
            fn (float|string $value): array => [is_float($value) ? round($value, 4) : $value, $this->contribution($dimension, $value)],
            [$from, ...$between, $to],
        );
    }

    /**
     * Values of the measure in fine steps of load, easiest first; the goal is one of them.
     *
     * @return array{non-empty-list<float>, non-empty-list<float>} loads, values
     */
    private function grid(Dimension $measure, float $from, float $to, ?float $easiest): array
    {
        $fine = $this->step / self::FINE;
        $goal = $this->contribution($measure, $to);
        $range = $measure->range() ?? throw new \LogicException('A measure has a range.');
        $most = max($this->contribution($measure, $from), $goal);
        $least = min($this->contribution($measure, $from), $goal) - self::MAX_EASE;
        $least = max($least, min($this->contribution($measure, $easiest ?? $range[0]), $this->contribution($measure, $from)));
        $loads = $values = [];
        for ($k = (int) ceil(($least - $goal) / $fine - self::TINY) - 1; $goal + $k * $fine <= $most + self::TINY; $k++) {
            $load = $goal + $k * $fine;
            // the start may lie between two: the easier one stands for it
            if ($load > $least - self::TINY || $load + $fine > $least + self::TINY && $this->contribution(
                $measure, $from,
            ) < $load + $fine - self::TINY) {
                $loads[] = $load;
                $values[] = $measure->valueAt(
                    max($load, $least) / $this->model->slope($measure->key), $this->model->scale->reference->meters,
                );
            }
        }

        return $loads === [] || $values === [] ? [[$goal], [$to]] : [$loads, $values];
    }

    /**
     * Choices that cannot be at a value of the measure: a hand that is not there does not touch.
     *
     * @param  array<string, non-empty-list<array{float|string, float}>>  $axes
     * @param  list<?float>  $values  of the measure
     * @return array<int, array<int, array<int, true>>> by axis, choice and level
     */
    private function impossible(array $axes, ?Dimension $measure, array $values): array
    {
        $impossible = [];
        if ($measure === null) {
            return $impossible;
        }
        foreach (array_keys($axes) as $a => $key) {
            $dimension = $this->model->scale->catalog->dimension($key);
            foreach ($dimension->kind->isMeasured() ? [] : $axes[$key] as $choice => [$value]) {
                foreach ($values as $level => $at) {
                    if ($at !== null && ! $dimension->choice($value)->isPossibleWith([$measure->key => round($at, 4)])) {
                        $impossible[$a][$choice][$level] = true;
                    }
                }
            }
        }

        return $impossible;
    }

    /**
     * The hardest level that is not harder.
     *
     * @param  non-empty-list<float>  $loads  easiest first
     */
    private function snapped(array $loads, float $load): int
    {
        $at = 0;
        foreach ($loads as $level => $one) {
            $at = $one <= $load + 1e-6 ? $level : $at;
        }

        return $at;
    }

    private function contribution(Dimension $dimension, float|string $value): float
    {
        return $this->model->slope($dimension->key) * $dimension->covariate($value, $this->model->scale->reference->meters);
    }

    /** A value of the measure that is easier by so many logits. */
    private function eased(Dimension $measure, float $value, float $logits): float
    {
        return $measure->valueAt(
            $measure->covariate($value, $this->model->scale->reference->meters) - $logits / $this->model->slope($measure->key),
            $this->model->scale->reference->meters,
        );
    }

    /** @param  list<string>  $moving */
    private function blocked(Exposure $from, Exposure $to, array $moving): NoPath
    {
        $measure = $this->measure($moving);
        $widest = null;
        foreach ($moving as $key) {
            $dimension = $this->model->scale->catalog->dimension($key);
            $axis = $key === $measure?->key ? [] : $this->axis($dimension, $from->values[$key], $to->values[$key]);
            for ($i = 1; $i < count($axis); $i++) {
                $rise = $axis[$i][1] - $axis[$i - 1][1];
                if ($widest === null || $rise > $widest[1]) {
                    $widest = [$dimension, $rise, $axis[$i - 1][0], $axis[$i][0]];
                }
            }
        }
        if ($widest === null) {
            return NoPath::nothingMoves();
        }

        return NoPath::between(
            $widest[0], $widest[1], $widest[2], $widest[3], $this->step + ($measure === null ? 0.0 : self::MAX_EASE), $measure,
        );
    }
}
