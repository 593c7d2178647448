<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exception\InvalidExposure;

/** The graded steps of a plan, in the order in which they are walked. */
final readonly class Ladder
{
    /** @param  non-empty-list<Step>  $steps */
    private function __construct(public array $steps)
    {
    }

    /**
     * @param  list<Step>  $steps
     *
     * @throws InvalidExposure if there is no step
     */
    public static function of(array $steps): self
    {
        return $steps === [] ? throw InvalidExposure::emptyLadder() : new self($steps);
    }

    /**
     * Index of the last step.
     *
     * @return non-negative-int
     */
    public function top(): int
    {
        return count($this->steps) - 1;
    }

    /**
     * What every step says the same: told once, not on every step.
     *
     * @return list<string> dimension keys
     */
    public function shared(): array
    {
        if (count($this->steps) === 1) {
            return [];
        }
        $shared = $this->steps[0]->exposure->values;
        foreach ($this->steps as $step) {
            $shared = array_intersect_assoc($shared, $step->exposure->values);
        }

        return array_keys($shared);
    }

    /**
     * The step that a step builds on: the last before it on its way. Null for the first.
     *
     * @return ?non-negative-int
     */
    public function below(int $step): ?int
    {
        for ($i = $step - 1; $i > 0; $i--) {
            if ($this->isOnWay($i, $step)) {
                return $i;
            }
        }

        return $step > 0 ? 0 : null;
    }

    /** @return non-empty-list<list<non-negative-int>> by step: the steps before it on its way, in order */
    public function ways(): array
    {
        $ways = [];
        foreach (array_keys($this->steps) as $later) {
            $before = $later === 0 ? [] : range(0, $later - 1);
            $ways[] = array_values(array_filter($before, fn (int $earlier): bool => $this->isOnWay($earlier, $later)));
        }

        return $ways;
    }

    /** Whether an earlier step says something of a later one: they share a strand. The first is what every strand begins from. */
    public function isOnWay(int $earlier, int $later): bool
    {
        [$one, $other] = [$this->step($earlier)->manner->strands, $this->step($later)->manner->strands];

        return $earlier <= 0 || $one === [] || $other === []
            || array_intersect(array_column($one, 'value'), array_column($other, 'value')) !== [];
    }

    /** Whether the trigger is somebody's who obeys nobody. */
    public function isByStrangers(): bool
    {
        return ($this->step(0)->exposure->values['predictability'] ?? null) === 'stranger';
    }

    /** The step nearest to an index: never off the ladder. */
    public function step(int $index): Step
    {
        return $this->steps[max(0, min($this->top(), $index))];
    }
}
