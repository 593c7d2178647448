<?php

declare(strict_types=1);

namespace Core\Sign;

use Core\Exposure\PlanKind;

/** What the dog did in one trial, with a trigger at a distance or under the hand: what the criterion counts. */
enum Outcome: string
{
    case Returned = 'returned';
    case Watched = 'watched';
    case Prompted = 'prompted';
    case PromptedStiff = 'prompted_stiff';
    case RefusedFood = 'refused_food';
    case NotReturned = 'not_returned';
    case LeftStation = 'left';
    case ReactedCame = 'reacted_came';
    case Reacted = 'reacted';
    case Unnoticed = 'unnoticed';
    case TakenAway = 'taken_away';
    case Reached = 'reached';
    case OfferedMore = 'offered_more';
    case LeftCameBack = 'left_came_back';
    case LeftEarly = 'left_early';
    case RefusedStart = 'refused_start';
    case OfferedElse = 'offered_else';
    case SearchedHand = 'searched_hand';

    /**
     * The four that a thumb reaches first, the usual success foremost.
     *
     * @return non-empty-list<self>
     */
    public static function quick(PlanKind $kind): array
    {
        return match ($kind) {
            PlanKind::Presence, PlanKind::Sound => [self::Returned, self::Watched, self::Prompted, self::NotReturned],
            PlanKind::Contact, PlanKind::Duration => [self::Reached, self::LeftCameBack, self::LeftEarly, self::RefusedStart],
        };
    }

    /** @return non-empty-list<self> less usual ones */
    public static function others(PlanKind $kind): array
    {
        return match ($kind) {
            PlanKind::Presence,
            PlanKind::Sound => [
                self::PromptedStiff, self::RefusedFood, self::LeftStation, self::ReactedCame, self::Reacted, self::Unnoticed,
            ],
            PlanKind::Contact,
            PlanKind::Duration => [
                self::OfferedMore, self::OfferedElse, self::SearchedHand, self::RefusedFood, self::ReactedCame, self::Reacted,
                self::Unnoticed,
            ],
        };
    }

    /**
     * All that a trial of this kind can end in.
     *
     * @return non-empty-list<self>
     */
    public static function ofKind(PlanKind $kind): array
    {
        return [...self::quick($kind), ...self::others($kind), self::TakenAway];
    }

    public function effect(): OutcomeEffect
    {
        return match ($this) {
            self::Returned, self::Reached, self::OfferedMore => OutcomeEffect::Success,
            self::Watched, self::Prompted, self::LeftCameBack, self::TakenAway => OutcomeEffect::Stay,
            self::PromptedStiff, self::RefusedFood, self::NotReturned, self::OfferedElse, self::SearchedHand => OutcomeEffect::Miss,
            self::LeftStation, self::LeftEarly, self::RefusedStart => OutcomeEffect::OptOut,
            self::ReactedCame, self::Reacted => OutcomeEffect::Over,
            self::Unnoticed => OutcomeEffect::NotATrial,
        };
    }

    /** The mildest band that agrees with this outcome, where the signs alone say less. */
    public function leastBand(): Band
    {
        return match ($this) {
            // another try, not a worry
            self::Prompted, self::TakenAway, self::OfferedElse, self::SearchedHand => Band::Easy,
            // it did come back: how hard that was is the observer's to say
            self::PromptedStiff, self::RefusedFood => Band::Effort,
            default => match ($this->effect()) {
                OutcomeEffect::Over => Band::Over,
                OutcomeEffect::OptOut => Band::Effort,
                OutcomeEffect::Miss => Band::Strain,
                OutcomeEffect::Stay => Band::Aware,
                default => Band::Easy,
            },
        };
    }
}
