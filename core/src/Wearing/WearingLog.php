<?php

declare(strict_types=1);

namespace Core\Wearing;

/** All that is logged of one item being worn. */
final readonly class WearingLog
{
    /** @param  list<Wearing>  $wearings  newest first */
    private function __construct(public array $wearings)
    {
    }

    /** @param  list<Wearing>  $wearings  in any order */
    public static function of(array $wearings): self
    {
        usort($wearings, static fn (Wearing $a, Wearing $b): int => $b->startedAt <=> $a->startedAt);

        return new self($wearings);
    }

    /** @return array<string, float> minutes by situation, every situation named */
    public function minutes(): array
    {
        $minutes = [];
        foreach (WearingSituation::cases() as $situation) {
            $minutes[$situation->value] = array_sum(array_map(
                static fn (Wearing $one): float => $one->situation === $situation ? $one->seconds / 60.0 : 0.0, $this->wearings,
            ));
        }

        return $minutes;
    }

    /** Seconds of the longest time in which the dog moved as without it. */
    public function longestFree(): int
    {
        return max([
            0, ...array_map(static fn (Wearing $one): int => $one->movement === Movement::AsUsual ? $one->seconds : 0, $this->wearings),
        ]);
    }

    /** How many of the latest in a row it moved freely in. */
    public function freeRun(): int
    {
        foreach ($this->wearings as $run => $one) {
            if ($one->movement !== Movement::AsUsual) {
                return $run;
            }
        }

        return count($this->wearings);
    }

    /** @param  callable(Wearing): bool  $test */
    public function count(callable $test): int
    {
        return count(array_filter($this->wearings, $test));
    }

    /** In how many situations it moved freely. */
    public function freeSituations(): int
    {
        return count(array_unique(array_map(static fn (Wearing $one): string => $one->situation->value, array_filter(
            $this->wearings, static fn (Wearing $one): bool => $one->movement === Movement::AsUsual,
        ))));
    }
}
