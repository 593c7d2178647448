<?php

declare(strict_types=1);

namespace Core\Film;

use Core\Sign\Band;

/** A third record from two: what both told, where they differ what was settled on, and what only one told of a part. */
final readonly class Settlement
{
    /** @param  list<string>  $followed  keys of the differences in which the second grader is right; in all others the first is */
    public static function of(Record $first, Record $second, array $followed): Record
    {
        $chosen = [];
        foreach (Agreement::of($first, $second)->differences as $one) {
            if (in_array($one->key, $followed, true)) {
                $chosen[$one->key] = $one;
            }
        }
        $states = [];
        foreach (Part::cases() as $part) {
            $states = [...$states, ...self::states($part, $first, $second, $chosen)];
        }

        return Record::of($first->length, $states, self::happenings($first, $chosen), self::trials($first, $chosen));
    }

    /**
     * @param  array<string, Difference>  $chosen
     * @return list<StateFrom>
     */
    private static function states(Part $part, Record $first, Record $second, array $chosen): array
    {
        [$one, $other] = [$first->spells($part), $second->spells($part)];
        $begins = array_unique(array_map(static fn (Spell $spell): int => $spell->from, [...$one, ...$other]));
        sort($begins);
        $states = [];
        foreach ($begins as $from) {
            [$here, $there] = [self::at($one, $from), self::at($other, $from)];
            $state = $here === null || isset($chosen["{$part->value}-{$from}"]) ? $there : $here;
            if ($state !== null) {
                $states[] = new StateFrom($part, $state, $from);
            }
        }

        return $states;
    }

    /** @param  list<Spell>  $spells */
    private static function at(array $spells, int $at): ?string
    {
        foreach ($spells as $spell) {
            if ($spell->from <= $at && $at < $spell->until) {
                return $spell->state;
            }
        }

        return null;
    }

    /**
     * @param  array<string, Difference>  $chosen
     * @return list<HappeningAt>
     */
    private static function happenings(Record $first, array $chosen): array
    {
        $happenings = array_values(array_filter(
            $first->happenings, static fn (HappeningAt $one): bool => ! isset($chosen["{$one->happening->value}-first-{$one->at}"]),
        ));
        foreach ($chosen as $one) {
            if ($one->of instanceof Happening && $one->second !== null) {
                $happenings[] = new HappeningAt($one->of, $one->from);
            }
        }

        return $happenings;
    }

    /**
     * @param  array<string, Difference>  $chosen
     * @return list<FilmTrial>
     */
    private static function trials(Record $first, array $chosen): array
    {
        $trials = [];
        foreach ($first->trials as $one) {
            $told = $chosen["trial-{$one->from}"] ?? null;
            if ($told === null || $told->second !== null) {
                $trials[] = $told === null ? $one : new FilmTrial($one->from, $one->until, Band::from((int) $told->second));
            }
        }
        foreach ($chosen as $one) {
            if ($one->of === null && $one->first === null) {
                $trials = self::with($trials, new FilmTrial($one->from, $one->until, Band::from((int) $one->second)));
            }
        }

        return $trials;
    }

    /**
     * Where two drew a little of the same, the one that is there already keeps it.
     *
     * @param  list<FilmTrial>  $trials
     * @return list<FilmTrial>
     */
    private static function with(array $trials, FilmTrial $new): array
    {
        [$from, $until] = [$new->from, $new->until];
        foreach ($trials as $one) {
            if ($one->overlap($new) > 0) {
                $from = $one->from <= $from ? max($from, $one->until) : $from;
                $until = $one->from > $new->from ? min($until, $one->from) : $until;
            }
        }

        return $from < $until ? [...$trials, new FilmTrial($from, $until, $new->band)] : $trials;
    }
}
