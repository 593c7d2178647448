<?php

declare(strict_types=1);

namespace Core\Coverage;

/** What has been covered: with whom, in which posture, on which side, with which item, where; and what would be best next. */
final readonly class Coverage
{
    /** Steps up that a step down stands behind. */
    private const DOWN = 10.0;

    /**
     * @param  list<TrialInContext>  $trials  newest first
     * @param  array<string, list<string>>  $options  values of each factor, easiest first
     * @param  list<string>  $ordered  factors whose values are easier and harder
     */
    private function __construct(private array $trials, public array $options, private array $ordered)
    {
    }

    /**
     * @param  list<TrialInContext>  $trials  in any order; every factor stated
     * @param  array<string, list<string>>  $options  values of each factor that could be tried, easiest first
     * @param  list<string>  $ordered  factors whose values are easier and harder, not only other
     */
    public static function of(array $trials, array $options, array $ordered = []): self
    {
        usort($trials, static fn (TrialInContext $a, TrialInContext $b): int => $b->at <=> $a->at);

        return new self($trials, $options, $ordered);
    }

    /**
     * All trials of these values, whatever the other factors were.
     *
     * @param  array<string, string>  $values  of some factors
     */
    public function cell(array $values): Cell
    {
        return Cell::of(array_values(array_filter($this->trials, static fn (TrialInContext $trial): bool => $trial->matches($values))));
    }

    /**
     * One thing changed from a combination that is done, the rest as it was: a value that is done elsewhere first, then the
     * smallest step up (a step down teaches little and comes last), then what has been begun. Where nothing is done: the
     * combination that is furthest on. Null without trials, or where nothing is left.
     */
    public function best(): ?NextCell
    {
        $cells = $this->fullCells();
        $done = array_filter($cells, static fn (array $cell): bool => $cell['state'] === CellState::Done);
        if ($done === []) {
            usort($cells, static fn (array $a, array $b): int => $b['calm'] <=> $a['calm']);

            return $cells === [] ? null : new NextCell($cells[0]['values'], $cells[0]['state'], null, null);
        }
        $best = null;
        $least = [INF, INF, INF, INF];
        foreach ($done as ['values' => $values]) {
            foreach (array_keys($this->options) as $place => $factor) {
                foreach ($this->options[$factor] as $rank => $value) {
                    $candidate = [...$values, $factor => $value];
                    $state = $cells[self::key($candidate)]['state'] ?? CellState::Untried;
                    if ($state === CellState::Done || $state === CellState::Hard) {
                        continue;
                    }
                    $isKnown = array_filter($done, static fn (array $cell): bool => $cell['values'][$factor] === $value) !== [];
                    $up = $rank - (float) array_search($values[$factor], $this->options[$factor], true);
                    $cost = [
                        $isKnown ? 0.0 : 1.0, $up < 0.0 && in_array($factor, $this->ordered, true) ? self::DOWN - $up : abs($up),
                        $state === CellState::Thin ? 0.0 : 1.0, (float) $place,
                    ];
                    if ($cost < $least) {
                        [$best, $least] = [new NextCell($candidate, $state, $factor, $values[$factor]), $cost];
                    }
                }
            }
        }

        return $best;
    }

    /** @return array<string, array{values: array<string, string>, state: CellState, calm: int}> of every combination met, by its key */
    private function fullCells(): array
    {
        $groups = [];
        foreach ($this->trials as $trial) {
            $values = array_intersect_key($trial->factors, $this->options);
            if (count($values) === count($this->options)) {
                $groups[self::key($values)][] = $trial;
            }
        }

        return array_map(function (array $trials): array {
            $cell = Cell::of($trials);

            return ['values' => array_intersect_key($trials[0]->factors, $this->options), 'state' => $cell->state, 'calm' => $cell->calm];
        }, $groups);
    }

    /** @param  array<string, string>  $values */
    private static function key(array $values): string
    {
        ksort($values);

        return implode("\n", $values);
    }
}
