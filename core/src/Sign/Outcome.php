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
    case PartOfIt = 'part_of_it';
    case TurnedAtMark = 'turned_at_mark';
    case SlowToMark = 'slow_to_mark';
    case MarkUnanswered = 'mark_unanswered';
    case LockedOn = 'locked_on';
    case LookedBefore = 'looked_before';
    case OnCue = 'on_cue';
    case LateOnCue = 'late_on_cue';
    case CueUnanswered = 'cue_unanswered';
    case CarriedOn = 'carried_on';
    case LookedCarriedOn = 'looked_carried_on';
    case NeededHelp = 'needed_help';
    case NotPassed = 'not_passed';
    /** No food and no cue tried: not shown to be fine. */
    case QuietPass = 'quiet_pass';
    case StayedLoose = 'stayed_loose';
    case StayedStiff = 'stayed_stiff';
    case BrokePosition = 'broke_position';
    case AteOn = 'ate_on';
    case ListenedAte = 'listened_ate';
    case StoppedEating = 'stopped_eating';
    case Startled = 'startled';
    case MovedFreely = 'moved_freely';
    case MovedLess = 'moved_less';
    case PawedAtIt = 'pawed_at_it';
    case TookItOff = 'took_it_off';
    case Nearly = 'nearly';
    case NotDone = 'not_done';
    case Stirred = 'stirred';
    case GotUp = 'got_up';

    /**
     * Less usual ones, whatever was asked.
     *
     * @return non-empty-list<self>
     */
    public static function others(PlanKind $kind): array
    {
        return match ($kind) {
            PlanKind::Presence => [
                self::PromptedStiff, self::RefusedFood, self::LeftStation, self::ReactedCame, self::Reacted, self::Unnoticed,
                self::TakenAway,
            ],
            PlanKind::Sound => [
                self::PromptedStiff, self::RefusedFood, self::LeftStation, self::ReactedCame, self::Reacted, self::Unnoticed,
            ],
            PlanKind::Contact => [
                self::PartOfIt, self::OfferedMore, self::OfferedElse, self::SearchedHand, self::RefusedFood, self::ReactedCame,
                self::Reacted, self::Unnoticed,
            ],
            PlanKind::Duration => [
                self::OfferedMore, self::OfferedElse, self::SearchedHand, self::LeftCameBack, self::LeftEarly, self::RefusedStart,
                self::RefusedFood, self::ReactedCame, self::Reacted, self::Unnoticed,
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
        $all = array_merge(...array_map(static fn (Asked $one): array => $one->outcomes(), Asked::ofKind($kind)), ...[self::others($kind)]);

        return array_values(array_unique([...$all, self::TakenAway], SORT_REGULAR));
    }

    public function effect(): OutcomeEffect
    {
        return match ($this) {
            self::Returned, self::Reached, self::OfferedMore, self::LookedBefore, self::OnCue, self::CarriedOn, self::StayedLoose,
            self::AteOn, self::MovedFreely => OutcomeEffect::Success,
            self::Watched, self::Prompted, self::LeftCameBack, self::TakenAway, self::PartOfIt, self::TurnedAtMark, self::SlowToMark,
            self::LateOnCue, self::LookedCarriedOn, self::NeededHelp, self::QuietPass, self::ListenedAte, self::MovedLess, self::Nearly,
            self::Stirred => OutcomeEffect::Stay,
            self::PromptedStiff, self::RefusedFood, self::NotReturned, self::OfferedElse, self::SearchedHand, self::MarkUnanswered,
            self::LockedOn, self::CueUnanswered, self::NotPassed, self::StayedStiff, self::BrokePosition, self::StoppedEating,
            self::Startled, self::PawedAtIt, self::NotDone, self::GotUp => OutcomeEffect::Miss,
            self::LeftStation, self::LeftEarly, self::RefusedStart, self::TookItOff => OutcomeEffect::OptOut,
            self::ReactedCame, self::Reacted => OutcomeEffect::Over,
            self::Unnoticed => OutcomeEffect::NotATrial,
        };
    }

    /** The mildest band that agrees with this outcome, where the signs alone say less. */
    public function leastBand(): Band
    {
        return match ($this) {
            // another try, not a worry
            self::Prompted, self::TakenAway, self::OfferedElse, self::SearchedHand, self::PartOfIt, self::TurnedAtMark, self::QuietPass,
            self::Nearly, self::NotDone, self::Stirred, self::GotUp => Band::Easy,
            // it did come back: how hard that was is the observer's to say
            self::PromptedStiff, self::RefusedFood, self::MarkUnanswered, self::CueUnanswered, self::StayedStiff, self::BrokePosition,
            self::PawedAtIt => Band::Effort,
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
