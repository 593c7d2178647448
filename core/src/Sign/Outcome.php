<?php

declare(strict_types=1);

namespace Core\Sign;

/** What the dog did in one notice-and-turn-back or cued trial: what the criterion counts. */
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

    public function label(): string
    {
        return match ($this) {
            self::Returned => 'returned by itself',
            self::Watched => 'watched calmly, did not return in the wait',
            self::Prompted => 'returned when prompted',
            self::PromptedStiff => 'returned when prompted, stiff or staring long',
            self::RefusedFood => 'would not eat, still returned',
            self::NotReturned => 'did not return, even when prompted',
            self::LeftStation => 'tried to leave',
            self::ReactedCame => 'reacted, came when called',
            self::Reacted => 'reacted',
            self::Unnoticed => 'did not notice',
        };
    }

    public function effect(): OutcomeEffect
    {
        return match ($this) {
            self::Returned => OutcomeEffect::Success,
            self::Watched, self::Prompted => OutcomeEffect::Stay,
            self::PromptedStiff, self::RefusedFood, self::NotReturned => OutcomeEffect::Miss,
            self::LeftStation => OutcomeEffect::OptOut,
            self::ReactedCame, self::Reacted => OutcomeEffect::Over,
            self::Unnoticed => OutcomeEffect::NotATrial,
        };
    }

    /**
     * The mildest band that agrees with this outcome, where the signs alone say less.
     */
    public function leastBand(): Band
    {
        return match ($this->effect()) {
            OutcomeEffect::Over => Band::Over,
            OutcomeEffect::OptOut => Band::Effort,
            OutcomeEffect::Miss => $this === self::PromptedStiff ? Band::Effort : Band::Strain,
            OutcomeEffect::Stay => $this === self::Watched ? Band::Aware : Band::Easy,
            default => Band::Easy,
        };
    }
}
