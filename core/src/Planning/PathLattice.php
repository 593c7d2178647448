<?php

declare(strict_types=1);

namespace Core\Planning;

/**
 * The grid that a path is looked for on: choices of some axes × levels of one measure, each with a load. Knows nothing of dogs.
 *
 * A state is one number: the combination of choices times the levels, plus the level.
 */
final class PathLattice
{
    /** @var list<list<float>> loads by axis and choice */
    private readonly array $loads;

    /** @var list<int> combinations that one choice further on an axis is away */
    private readonly array $stride;

    private readonly int $combinations;

    private readonly int $levels;

    /** Levels that the measure may go down in one step, and up. */
    private readonly int $down;

    private readonly int $up;

    private readonly float $fine;

    /** @var array<int, float> load of each combination of choices */
    private array $base = [0.0];

    /** @var array<int, list<int>> choices of each combination */
    private array $choices = [[]];

    /** @var array<int, int> steps from the start, by state */
    private array $steps = [];

    /**
     * @param  array<string, non-empty-list<array{float|string, float}>>  $axes  values with their loads, easiest first
     * @param  non-empty-list<float>  $measure  loads of its levels, easiest first, evenly spaced
     * @param  float  $step  logits that a step may rise
     * @param  int  $fine  levels to a step
     * @param  float  $ease  logits that the measure may ease to pay for a raise
     * @param  array<int, array<int, array<int, true>>>  $impossible  by axis, choice and level
     */
    public function __construct(
        array $axes, array $measure, private readonly float $step, int $fine, float $ease, private readonly array $impossible,
    ) {
        $this->loads = array_map(static fn (array $axis): array => array_column($axis, 1), array_values($axes));
        $this->levels = count($measure);
        $this->fine = $step / $fine;
        $this->up = $fine;
        $this->down = (int) floor($ease / $this->fine + 1e-9);
        $stride = [];
        $size = 1;
        foreach (array_reverse($this->loads, true) as $a => $loads) {
            $stride[$a] = $size;
            $size *= count($loads);
        }
        ksort($stride);
        $this->stride = array_values($stride);
        $this->combinations = $size;
        for ($c = 0; $c < $size; $c++) {
            $load = $measure[0];
            $choices = [];
            foreach ($this->loads as $a => $loads) {
                $choices[$a] = intdiv($c, $this->stride[$a]) % count($loads);
                $load += $loads[$choices[$a]];
            }
            $this->base[$c] = $load;
            $this->choices[$c] = array_values($choices);
        }
    }

    /**
     * The best way from the easiest choices at one level to the hardest at another.
     *
     * @return ?array{states: list<array{list<int>, int}>, squares: float, changes: int} choices and level of each state; null if there is
     *    no way
     */
    public function shortest(int $from, int $to): ?array
    {
        $goal = ($this->combinations - 1) * $this->levels + $to;
        $layers = $this->layers($from, $goal);

        return $layers === null ? null : $this->evenest($from, $goal, $layers);
    }

    /**
     * States by their number of steps from the start, until the goal is among them. A state once reached is skipped by a pointer to
     * the next free level, so each is looked at once.
     *
     * @return ?int steps to the goal
     */
    private function layers(int $from, int $goal): ?int
    {
        $this->steps = [$from => 0];
        $free = array_map(fn (): array => range(0, $this->levels), range(1, $this->combinations));
        $free[0][$from] = $from + 1;
        $layer = [$from];
        for ($n = 1; $layer !== []; $n++) {
            $next = [];
            foreach ($layer as $state) {
                $level = $state % $this->levels;
                $combination = intdiv($state, $this->levels);
                foreach ($this->moves($combination, $level) as [, $other, $low, $high]) {
                    $row = &$free[$other];
                    for ($at = self::find($row, $low); $at <= $high; $at = self::find($row, $at)) {
                        $row[$at] = $at + 1;
                        if ($this->isPossible($other, $at)) {
                            $reached = $other * $this->levels + $at;
                            $this->steps[$reached] = $n;
                            $next[] = $reached;
                        }
                    }
                    unset($row);
                }
            }
            if (isset($this->steps[$goal])) {
                return $this->steps[$goal];
            }
            $layer = $next;
        }

        return null;
    }

    /**
     * Where a state leads: the axis that is raised (the number of axes for the measure), and the levels of the combination there.
     *
     * @return list<array{int, int, int, int}> axis, combination, lowest and highest level
     */
    private function moves(int $combination, int $level): array
    {
        $moves = [];
        if ($level + 1 < $this->levels) {
            $moves[] = [count($this->loads), $combination, $level + 1, min($this->levels - 1, $level + $this->up)];
        }
        foreach ($this->loads as $a => $loads) {
            $here = $this->choices[$combination][$a];
            for ($choice = $here + 1; $choice < count($loads); $choice++) {
                // as much as the step allows, paid for by going down
                $high = min($level, $level + (int) floor(($this->step - $loads[$choice] + $loads[$here]) / $this->fine + 1e-6));
                $low = max(0, $level - $this->down);
                if ($high >= $low) {
                    $moves[] = [$a, $combination + ($choice - $here) * $this->stride[$a], $low, $high];
                }
            }
        }

        return $moves;
    }

    /**
     * Among the ways with the fewest steps the one with the least sum of squared rises, then with the fewest changes of axis.
     *
     * @return array{states: list<array{list<int>, int}>, squares: float, changes: int}
     */
    private function evenest(int $from, int $goal, int $steps): array
    {
        // only what lies on a shortest way: from the goal back
        $layers = [$steps => [$goal => true]];
        $best = [$goal => []];
        foreach (array_reverse($this->byLayer($steps), true) as $n => $states) {
            $layers[$n] = [];
            foreach ($states as $state) {
                $options = $this->options($state, $layers[$n + 1], $best);
                if ($options !== []) {
                    $layers[$n][$state] = true;
                    $best[$state] = $options;
                }
            }
        }
        $way = [$this->place($from)];
        $state = $from;
        $mover = null;
        [$squares, $changes] = self::choose($best[$from], null);
        while ($state !== $goal) {
            [, , $mover, $state] = self::choose($best[$state], $mover);
            $way[] = $this->place($state);
        }

        return ['states' => $way, 'squares' => $squares, 'changes' => $changes];
    }

    /**
     * The best continuation of a state by the axis raised next.
     *
     * @param  array<int, true>  $next  states of the next layer that lead to the goal
     * @param  array<int, list<array{float, int, int, int}>>  $best  their continuations; none for the goal
     * @return list<array{float, int, int, int}> squares and changes to the goal, axis, next state
     */
    private function options(int $state, array $next, array $best): array
    {
        $level = $state % $this->levels;
        $combination = intdiv($state, $this->levels);
        $byAxis = [];
        foreach ($this->moves($combination, $level) as [$axis, $other, $low, $high]) {
            $rise = $this->base[$other] - $this->base[$combination] - $level * $this->fine;
            for ($at = $low; $at <= $high; $at++) {
                $reached = $other * $this->levels + $at;
                if (! isset($next[$reached])) {
                    continue;
                }
                [$squares, $changes] = $best[$reached] === [] ? [0.0, 0] : self::choose($best[$reached], $axis);
                $squares += ($rise + $at * $this->fine) ** 2;
                if (! isset($byAxis[$axis]) || self::isLess($squares, $changes, $byAxis[$axis][0], $byAxis[$axis][1])) {
                    $byAxis[$axis] = [$squares, $changes, $axis, $reached];
                }
            }
        }

        return array_values($byAxis);
    }

    /**
     * @param  list<array{float, int, int, int}>  $options
     * @param  ?int  $mover  the axis raised last; null at the start
     * @return array{float, int, int, int}
     */
    private static function choose(array $options, ?int $mover): array
    {
        $best = null;
        foreach ($options as [$squares, $changes, $axis, $state]) {
            $with = $changes + ($mover === null || $mover === $axis ? 0 : 1);
            if ($best === null || self::isLess($squares, $with, $best[0], $best[1])) {
                $best = [$squares, $with, $axis, $state];
            }
        }

        return $best ?? throw new \LogicException('Every state on a shortest way leads on.');
    }

    private static function isLess(float $squares, int $changes, float $than, int $thanChanges): bool
    {
        return $squares < $than - 1e-9 || ($squares < $than + 1e-9 && $changes < $thanChanges);
    }

    /** @return array<int, list<int>> states by their steps from the start, fewer than the goal's */
    private function byLayer(int $steps): array
    {
        $layers = array_fill(0, $steps, []);
        foreach ($this->steps as $state => $n) {
            if ($n < $steps) {
                $layers[$n][] = $state;
            }
        }

        return $layers;
    }

    /** @return array{list<int>, int} choices, level */
    private function place(int $state): array
    {
        return [$this->choices[intdiv($state, $this->levels)], $state % $this->levels];
    }

    private function isPossible(int $combination, int $level): bool
    {
        foreach ($this->impossible as $a => $choices) {
            if (isset($choices[$this->choices[$combination][$a]][$level])) {
                return false;
            }
        }

        return true;
    }

    /**
     * The next free level from here on, with the way there shortened for the next time.
     *
     * @param  array<int, int>  $free
     */
    private static function find(array &$free, int $at): int
    {
        $root = $at;
        while (isset($free[$root]) && $free[$root] !== $root) {
            $root = $free[$root];
        }
        while (isset($free[$at]) && $free[$at] !== $root && $at !== $root) {
            [$free[$at], $at] = [$root, $free[$at]];
        }

        return $root;
    }
}
