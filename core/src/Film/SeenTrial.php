<?php

declare(strict_types=1);

namespace Core\Film;

use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\SignKey;

/** One trial of a film as a session would have logged it, with somebody or something at a distance. */
final readonly class SeenTrial
{
    /** Milliseconds after a trial in which its food still comes. */
    private const FOOD_AFTER = 4000;

    /**
     * @param  list<SignKey>  $signs
     * @param  ?int  $stare  the longest, milliseconds
     */
    private function __construct(public Outcome $outcome, public FoodTaken $food, public array $signs, public ?int $stare)
    {
    }

    public static function of(Record $record, FilmTrial $trial): self
    {
        $in = static fn (int $after, Happening ...$of): bool => array_filter(
            $record->times(...$of), static fn (int $at): bool => $at >= $trial->from && $at <= $trial->until + $after,
        ) !== [];
        $stares = array_map(static fn (Spell $spell): int => $spell->within($trial->from, $trial->until), array_filter(
            $record->spells(Part::Gaze), static fn (Spell $spell): bool => $spell->state === 'trigger',
        ));
        $longest = $stares === [] ? 0 : max($stares);
        // food is taken as the band says: the words of the bands tell of it
        $food = $trial->band->isBelowThreshold() ? FoodTaken::Gently : FoodTaken::Hard;

        return new self(
            match (true) {
                $trial->band === Band::Over => Outcome::Reacted,
                $in(0, Happening::Unanswered) => Outcome::MarkUnanswered,
                $in(0, Happening::Mark) => Outcome::TurnedAtMark,
                $in(0, Happening::LookBack, Happening::Turn) => Outcome::Returned,
                self::isOn($record, Part::Gaze, 'trigger', $trial->until) => Outcome::NotReturned,
                default => Outcome::QuietPass,
            },
            $in(self::FOOD_AFTER, Happening::Food) ? $food : FoodTaken::NotOffered,
            self::loads($record, $trial) ? [SignKey::Loading] : [], $longest === 0 ? null : $longest,
        );
    }

    private static function loads(Record $record, FilmTrial $trial): bool
    {
        foreach ($record->loading() ?? [] as $spell) {
            if ($spell->within($trial->from, $trial->until) > 0) {
                return true;
            }
        }

        return false;
    }

    private static function isOn(Record $record, Part $part, string $state, int $at): bool
    {
        foreach ($record->spells($part) as $spell) {
            if ($spell->state === $state && $spell->from < $at && $at <= $spell->until) {
                return true;
            }
        }

        return false;
    }
}
