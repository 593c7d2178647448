<?php

declare(strict_types=1);

namespace Core\Film;

use Core\Sign\Band;

/**
 * What one grader saw on a film: states of the parts, what happened, and trials with their bands, all in milliseconds of the film.
 *
 * As data: {"length": 9000, "states": [{"part": "ears", "state": "forward", "at": 1200}], "happenings": [{"what": "mark", "at": 2000}],
 * "trials": [{"from": 1000, "until": 4000, "band": 1}]}.
 */
final readonly class Record
{
    /** Four hours. */
    public const LONGEST = 14_400_000;

    public const MOST_ROWS = 5000;

    /**
     * @param  int  $length  of the film, milliseconds
     * @param  list<StateFrom>  $states  in order of time
     * @param  list<HappeningAt>  $happenings  in order of time
     * @param  list<FilmTrial>  $trials  in order of time, none over another
     */
    private function __construct(public int $length, public array $states, public array $happenings, public array $trials)
    {
    }

    /**
     * @param  list<StateFrom>  $states  in any order; of two of a part at one moment the later in the list counts
     * @param  list<HappeningAt>  $happenings  in any order
     * @param  list<FilmTrial>  $trials  in any order
     *
     * @throws UnreadableRecord
     */
    public static function of(int $length, array $states, array $happenings, array $trials): self
    {
        if ($length < 1 || $length > self::LONGEST) {
            throw new UnreadableRecord(RecordProblem::Length, 0, (string) $length);
        }
        if (count($states) + count($happenings) + count($trials) > self::MOST_ROWS) {
            throw new UnreadableRecord(RecordProblem::TooMany, 0, (string) (count($states) + count($happenings) + count($trials)));
        }
        $last = [];
        foreach ($states as $i => $one) {
            self::within($one->at, $length, $i);
            if (! in_array($one->state, $one->part->states(), true)) {
                throw new UnreadableRecord(RecordProblem::UnknownState, $i + 1, $one->state);
            }
            $last["{$one->part->value} {$one->at}"] = $one;
        }
        foreach ($happenings as $i => $one) {
            self::within($one->at, $length, $i);
        }
        foreach ($trials as $i => $one) {
            self::within($one->from, $length, $i);
            self::within($one->until, $length, $i);
            if ($one->until <= $one->from) {
                throw new UnreadableRecord(RecordProblem::EndsBeforeItBegins, $i + 1);
            }
        }
        $states = array_values($last);
        usort($states, static fn (StateFrom $a, StateFrom $b): int => $a->at <=> $b->at);
        usort($happenings, static fn (HappeningAt $a, HappeningAt $b): int => $a->at <=> $b->at);
        usort($trials, static fn (FilmTrial $a, FilmTrial $b): int => $a->from <=> $b->from);
        foreach ($trials as $i => $one) {
            if ($i > 0 && $trials[$i - 1]->until > $one->from) {
                throw new UnreadableRecord(RecordProblem::TrialsOverlap, $i + 1);
            }
        }

        return new self($length, $states, $happenings, $trials);
    }

    /**
     * @param  array<mixed>  $data
     *
     * @throws UnreadableRecord
     */
    public static function fromArray(array $data): self
    {
        $states = $happenings = $trials = [];
        foreach (self::rows($data, 'states') as $i => $row) {
            $part = is_string($row['part'] ?? null) ? $row['part'] : '';
            $states[] = new StateFrom(
                Part::tryFrom($part) ?? throw new UnreadableRecord(RecordProblem::UnknownPart, $i + 1, $part),
                is_string($row['state'] ?? null) ? $row['state'] : '', self::time($row, 'at', $i),
            );
        }
        foreach (self::rows($data, 'happenings') as $i => $row) {
            $what = is_string($row['what'] ?? null) ? $row['what'] : '';
            $happenings[] = new HappeningAt(
                Happening::tryFrom($what) ?? throw new UnreadableRecord(RecordProblem::UnknownHappening, $i + 1, $what),
                self::time($row, 'at', $i),
            );
        }
        foreach (self::rows($data, 'trials') as $i => $row) {
            $band = is_int($row['band'] ?? null) ? Band::tryFrom($row['band']) : null;
            $trials[] = new FilmTrial(
                self::time($row, 'from', $i), self::time($row, 'until', $i),
                $band ?? throw new UnreadableRecord(RecordProblem::UnknownBand, $i + 1),
            );
        }

        return self::of(is_int($data['length'] ?? null) ? $data['length'] : 0, $states, $happenings, $trials);
    }

    /**
     * @return array{length: int, states: list<array{part: string, state: string, at: int}>, happenings: list<array{what: string,
     *     at: int}>, trials: list<array{from: int, until: int, band: int}>}
     */
    public function toArray(): array
    {
        return [
            'length' => $this->length,
            'states' => array_map(static fn (StateFrom $one): array => [
                'part' => $one->part->value, 'state' => $one->state, 'at' => $one->at,
            ], $this->states),
            'happenings' => array_map(static fn (HappeningAt $one): array => [
                'what' => $one->happening->value, 'at' => $one->at,
            ], $this->happenings),
            'trials' => array_map(static fn (FilmTrial $one): array => [
                'from' => $one->from, 'until' => $one->until, 'band' => $one->band->value,
            ], $this->trials),
        ];
    }

    /** @return list<Spell> what of a part was told, in order of time; nothing before its first state */
    public function spells(Part $part): array
    {
        $of = array_values(array_filter($this->states, static fn (StateFrom $one): bool => $one->part === $part));
        $spells = [];
        foreach ($of as $i => $one) {
            $until = ($of[$i + 1] ?? null)->at ?? $this->length;
            $before = $spells === [] ? null : $spells[count($spells) - 1];
            if ($before !== null && $before->state === $one->state) {
                $spells[count($spells) - 1] = new Spell($one->state, $before->from, $until);
            } elseif ($until > $one->at) {
                $spells[] = new Spell($one->state, $one->at, $until);
            }
        }

        return $spells;
    }

    /** @return ?list<Spell> brow wrinkled and ears forward at once; null where one of them was not told */
    public function loading(): ?array
    {
        [$brow, $ears] = [$this->spells(Part::Brow), $this->spells(Part::Ears)];
        $both = [];
        foreach ($brow as $one) {
            foreach ($ears as $other) {
                [$from, $until] = [max($one->from, $other->from), min($one->until, $other->until)];
                if ($one->state === 'wrinkled' && $other->state === 'forward' && $from < $until) {
                    $both[] = new Spell('loading', $from, $until);
                }
            }
        }

        return $brow === [] || $ears === [] ? null : $both;
    }

    /** @return list<int> milliseconds of the film, in order */
    public function times(Happening ...$of): array
    {
        return array_values(array_map(
            static fn (HappeningAt $one): int => $one->at,
            array_filter($this->happenings, static fn (HappeningAt $one): bool => in_array($one->happening, $of, true)),
        ));
    }

    private static function within(int $at, int $length, int $i): void
    {
        if ($at < 0 || $at > $length) {
            throw new UnreadableRecord(RecordProblem::OutsideFilm, $i + 1, (string) $at);
        }
    }

    /**
     * @param  array<mixed>  $data
     * @return list<array<mixed>>
     */
    private static function rows(array $data, string $name): array
    {
        $rows = $data[$name] ?? [];

        return is_array($rows) ? array_values(array_map(static fn (mixed $row): array => is_array($row) ? $row : [], $rows))
            : throw new UnreadableRecord(RecordProblem::Unreadable, 0, $name);
    }

    /** @param  array<mixed>  $row */
    private static function time(array $row, string $name, int $i): int
    {
        $at = $row[$name] ?? null;

        return is_int($at) ? $at : throw new UnreadableRecord(RecordProblem::OutsideFilm, $i + 1);
    }
}
