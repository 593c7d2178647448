<?php

declare(strict_types=1);

namespace Core\Film;

use Core\Sign\WeightedKappa;

/** What two graders of one film told alike, and where they differ. */
final readonly class Agreement
{
    /** Units (trials, or seconds of a part) under which no figure is told: it would say more of chance than of the graders. */
    public const LEAST_UNITS = 20;

    /** Milliseconds: what happens within a second of each other is the same. */
    public const NEAR = 1000;

    /** Milliseconds: an edge that is half a second off is no difference of opinion. */
    private const SHORTEST = 500;

    /**
     * @param  array<string, int>  $bands  trials both saw, by "first second"
     * @param  int  $onlyFirst  trials that only the first drew
     * @param  array<string, array{seconds: int, same: int}>  $parts  by part, where both told of it
     * @param  array<string, array{both: int, onlyFirst: int, onlySecond: int}>  $happenings  by what happened, where anybody saw it
     * @param  list<Difference>  $differences  the largest first
     */
    private function __construct(
        public array $bands, public int $onlyFirst, public int $onlySecond, public array $parts, public array $happenings,
        public array $differences,
    ) {
    }

    public static function of(Record $first, Record $second): self
    {
        [$pairs, $onlyFirst, $onlySecond] = self::trials($first->trials, $second->trials);
        $bands = $parts = $happenings = $differences = [];
        foreach ($pairs as [$one, $other]) {
            $key = "{$one->band->value} {$other->band->value}";
            $bands[$key] = ($bands[$key] ?? 0) + 1;
            if ($one->band !== $other->band) {
                $differences[] = self::trial($one, $other, abs($one->band->value - $other->band->value));
            }
        }
        foreach ($onlyFirst as $one) {
            $differences[] = self::trial($one, null, 1);
        }
        foreach ($onlySecond as $one) {
            $differences[] = self::trial(null, $one, 1);
        }
        foreach (Part::cases() as $part) {
            $stretches = self::stretches($part, $first, $second);
            $told = self::bySecond($stretches);
            if ($told['seconds'] > 0) {
                $parts[$part->value] = $told;
            }
            foreach ($stretches as [$from, $until, $one, $other]) {
                if ($one !== $other && $until - $from >= self::SHORTEST) {
                    $differences[] = new Difference(
                        "{$part->value}-{$from}", $part, $from, $until, $one, $other, ($until - $from) / 1000.0,
                    );
                }
            }
        }
        foreach (Happening::cases() as $happening) {
            $seen = self::matched($first->times($happening), $second->times($happening));
            if ($seen['both'] + count($seen['onlyFirst']) + count($seen['onlySecond']) > 0) {
                $happenings[$happening->value] = [
                    'both' => $seen['both'], 'onlyFirst' => count($seen['onlyFirst']), 'onlySecond' => count($seen['onlySecond']),
                ];
            }
            foreach (['onlyFirst' => 'first', 'onlySecond' => 'second'] as $side => $name) {
                foreach ($seen[$side] as $at) {
                    $differences[] = new Difference(
                        "{$happening->value}-{$name}-{$at}", $happening, $at, $at, $name === 'first' ? $happening->value : null,
                        $name === 'second' ? $happening->value : null, 1.0,
                    );
                }
            }
        }
        usort($differences, static fn (Difference $a, Difference $b): int => [$b->size, $a->from] <=> [$a->size, $b->from]);

        return new self($bands, count($onlyFirst), count($onlySecond), $parts, $happenings, $differences);
    }

    /** Trials that both saw. */
    public function trialsOfBoth(): int
    {
        return array_sum($this->bands);
    }

    public function sameBand(): int
    {
        return array_sum(array_filter(
            $this->bands, static fn (string $pair): bool => $pair[0] === $pair[2], ARRAY_FILTER_USE_KEY,
        ));
    }

    /** Null under twenty trials, or where chance cannot disagree. */
    public function kappa(): ?WeightedKappa
    {
        if ($this->trialsOfBoth() < self::LEAST_UNITS) {
            return null;
        }
        $kappa = WeightedKappa::ofTable(array_map(
            fn (int $first): array => array_map(fn (int $second): int => $this->bands["{$first} {$second}"] ?? 0, range(0, 4)), range(0, 4),
        ));

        return $kappa->linear() === null ? null : $kappa;
    }

    /** The part with the largest share of seconds told differently; null where none has enough seconds, or all are told alike. */
    public function differsMost(): ?Part
    {
        $share = array_map(
            static fn (array $told): float => 1.0 - $told['same'] / $told['seconds'],
            array_filter($this->parts, static fn (array $told): bool => $told['seconds'] >= self::LEAST_UNITS),
        );

        return $share === [] || max($share) <= 0.0 ? null : Part::from((string) array_search(max($share), $share, true));
    }

    /**
     * @param  list<FilmTrial>  $first
     * @param  list<FilmTrial>  $second
     * @return array{list<array{FilmTrial, FilmTrial}>, list<FilmTrial>, list<FilmTrial>}
     */
    private static function trials(array $first, array $second): array
    {
        $pairs = $onlyFirst = [];
        foreach ($first as $one) {
            $same = array_filter($second, $one->isSame(...));
            uasort($same, static fn (FilmTrial $a, FilmTrial $b): int => $one->overlap($b) <=> $one->overlap($a));
            $i = array_key_first($same);
            if ($i === null) {
                $onlyFirst[] = $one;
            } else {
                $pairs[] = [$one, $second[$i]];
                unset($second[$i]);
            }
        }

        return [$pairs, $onlyFirst, array_values($second)];
    }

    private static function trial(?FilmTrial $first, ?FilmTrial $second, int $apart): Difference
    {
        $one = $first ?? $second ?? throw new \LogicException('Somebody saw it.');

        return new Difference(
            'trial-'.($first === null ? 'second-' : '').$one->from, null, $one->from, $one->until, self::band($first), self::band($second),
            $apart * ($one->until - $one->from) / 1000.0,
        );
    }

    private static function band(?FilmTrial $trial): ?string
    {
        return $trial === null ? null : (string) $trial->band->value;
    }

    /** @return list<array{int, int, string, string}> from, until, and what both told there, where both did */
    private static function stretches(Part $part, Record $first, Record $second): array
    {
        $stretches = [];
        foreach ($first->spells($part) as $one) {
            foreach ($second->spells($part) as $other) {
                [$from, $until] = [max($one->from, $other->from), min($one->until, $other->until)];
                if ($from < $until) {
                    $stretches[] = [$from, $until, $one->state, $other->state];
                }
            }
        }

        return $stretches;
    }

    /**
     * Second by second: at the middle of each.
     *
     * @param  list<array{int, int, string, string}>  $stretches
     * @return array{seconds: int, same: int}
     */
    private static function bySecond(array $stretches): array
    {
        $seconds = $same = 0;
        foreach ($stretches as [$from, $until, $one, $other]) {
            $middles = (int) (ceil(($until - 500) / 1000) - ceil(($from - 500) / 1000));
            $seconds += $middles;
            $same += $one === $other ? $middles : 0;
        }

        return ['seconds' => $seconds, 'same' => $same];
    }

    /**
     * Each with at most one of the other's; in order of time no other way matches more.
     *
     * @param  list<int>  $first
     * @param  list<int>  $second
     * @return array{both: int, onlyFirst: list<int>, onlySecond: list<int>}
     */
    private static function matched(array $first, array $second): array
    {
        $both = 0;
        $onlyFirst = $onlySecond = [];
        while ($first !== [] && $second !== []) {
            if (abs($first[0] - $second[0]) <= self::NEAR) {
                $both++;
                array_shift($first);
                array_shift($second);
            } elseif ($first[0] < $second[0]) {
                $onlyFirst[] = array_shift($first);
            } else {
                $onlySecond[] = array_shift($second);
            }
        }

        return ['both' => $both, 'onlyFirst' => [...$onlyFirst, ...$first], 'onlySecond' => [...$onlySecond, ...$second]];
    }
}
