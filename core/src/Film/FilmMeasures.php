<?php

declare(strict_types=1);

namespace Core\Film;

use Core\Measure\Median;
use Core\Measure\MedianInterval;

/** What a record says of the dog and of its handler; null where the film shows nothing of it. Times in seconds. */
final readonly class FilmMeasures
{
    /** Milliseconds around a mark in which what it was meant for must have begun (a working value of ours). */
    private const MEANT = 3000;

    /**
     * @param  float  $lookBacks  a minute
     * @param  float  $food  pieces a minute
     * @param  array<string, array{count: int, longest: float, median: float}>  $stares  by where the gaze rested
     * @param  int  $answered  of the marks
     * @param  ?float  $loading  seconds with the brow wrinkled and the ears forward
     * @param  list<float>  $recoveries  from each startle to the next look back, turn, or look at the handler
     * @param  int  $unrecovered  startles that none of these followed
     * @param  ?float  $tight  share of the time the leash was told of, 0 to 1
     * @param  ?MedianInterval  $markOffsets  seconds from the start of the nearest look, look back or turn to the mark; under 0 before it
     */
    private function __construct(
        public float $lookBacks, public float $food, public array $stares, public int $marks, public int $answered, public ?float $loading,
        public array $recoveries, public int $unrecovered, public ?float $tight, public ?MedianInterval $markOffsets,
    ) {
    }

    public static function of(Record $record): self
    {
        $minutes = $record->length / 60_000.0;
        $marks = $record->times(Happening::Mark);
        [$recoveries, $unrecovered] = self::recoveries($record);
        $leash = self::time($record->spells(Part::Leash));
        $offsets = self::offsets($record, $marks);

        return new self(
            count($record->times(Happening::LookBack)) / $minutes, count($record->times(Happening::Food)) / $minutes,
            self::stares($record), count($marks), max(0, count($marks) - count($record->times(Happening::Unanswered))),
            self::loading($record), $recoveries, $unrecovered,
            $leash === 0 ? null : self::time(self::in($record->spells(Part::Leash), 'tight')) / $leash,
            $offsets === [] ? null : MedianInterval::of($offsets),
        );
    }

    /** @return array<string, array{count: int, longest: float, median: float}> */
    private static function stares(Record $record): array
    {
        $stares = [];
        foreach (Part::STARES as $at) {
            $of = self::in($record->spells(Part::Gaze), $at);
            $lengths = array_map(static fn (Spell $spell): float => $spell->length() / 1000.0, $of);
            if ($lengths !== []) {
                $stares[$at] = ['count' => count($lengths), 'longest' => max($lengths), 'median' => Median::of($lengths)];
            }
        }

        return $stares;
    }

    private static function loading(Record $record): ?float
    {
        $loading = $record->loading();

        return $loading === null ? null : self::time($loading) / 1000.0;
    }

    /** @return array{list<float>, int} */
    private static function recoveries(Record $record): array
    {
        $back = [
            ...$record->times(Happening::LookBack, Happening::Turn),
            ...array_map(static fn (Spell $spell): int => $spell->from, self::in($record->spells(Part::Gaze), 'handler')),
        ];
        $recoveries = [];
        $unrecovered = 0;
        foreach ($record->times(Happening::Startle) as $at) {
            $after = array_filter($back, static fn (int $one): bool => $one >= $at);
            if ($after === []) {
                $unrecovered++;
            } else {
                $recoveries[] = (min($after) - $at) / 1000.0;
            }
        }

        return [$recoveries, $unrecovered];
    }

    /**
     * @param  list<int>  $marks
     * @return list<float>
     */
    private static function offsets(Record $record, array $marks): array
    {
        $begun = $record->times(Happening::LookBack, Happening::Turn);
        foreach ($record->spells(Part::Gaze) as $spell) {
            if (in_array($spell->state, Part::STARES, true)) {
                $begun[] = $spell->from;
            }
        }
        $offsets = [];
        foreach ($marks as $mark) {
            $nearest = null;
            foreach ($begun as $at) {
                $nearest = $nearest === null || abs($mark - $at) < abs($nearest) ? $mark - $at : $nearest;
            }
            if ($nearest !== null && abs($nearest) <= self::MEANT) {
                $offsets[] = $nearest / 1000.0;
            }
        }

        return $offsets;
    }

    /**
     * @param  list<Spell>  $spells
     * @return list<Spell>
     */
    private static function in(array $spells, string $state): array
    {
        return array_values(array_filter($spells, static fn (Spell $spell): bool => $spell->state === $state));
    }

    /** @param  list<Spell>  $spells */
    private static function time(array $spells): int
    {
        return array_sum(array_map(static fn (Spell $spell): int => $spell->length(), $spells));
    }
}
