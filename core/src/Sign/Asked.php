<?php

declare(strict_types=1);

namespace Core\Sign;

use Core\Exposure\PlanKind;

/** What is asked of the dog in a trial, and so what can come of it. Five marked looks are no unprompted return. */
enum Asked: string
{
    /** Phase one: the look at the trigger is marked, the dog turns for its food. */
    case MarkedLook = 'marked_look';
    /** Phase two: it looks, and has some seconds to turn back by itself. */
    case Wait = 'wait';
    case CuedLook = 'cued_look';
    case Passing = 'passing';
    case Position = 'position';
    case Sound = 'sound';
    case Touch = 'touch';
    case Worn = 'worn';
    case Skill = 'skill';
    case Settling = 'settling';

    /**
     * What may be asked in a plan.
     *
     * @param  string  $method  its key
     * @return non-empty-list<self> the usual one first
     */
    public static function in(PlanKind $kind, string $method): array
    {
        return match (true) {
            $kind === PlanKind::Sound => [self::Sound],
            $kind === PlanKind::Contact => [self::Touch, self::Worn],
            $kind === PlanKind::Duration && $method === 'calm_settling' => [self::Settling],
            $kind === PlanKind::Duration => [self::Skill],
            $method === 'cued_attention' => [self::CuedLook, self::Passing, self::MarkedLook, self::Wait, self::Position],
            $method === 'held_position' => [self::Position, self::Passing, self::MarkedLook, self::Wait, self::CuedLook],
            $method === 'calm_settling' => [self::Position, self::Passing],
            $method === 'notice_and_turn_back' => [self::MarkedLook, self::Wait, self::CuedLook, self::Passing, self::Position],
            default => [self::Wait, self::MarkedLook, self::CuedLook, self::Passing, self::Position],
        };
    }

    /**
     * All that can have been asked in a kind of plan, by whatever method.
     *
     * @return non-empty-list<self>
     */
    public static function ofKind(PlanKind $kind): array
    {
        return match ($kind) {
            PlanKind::Presence => [self::MarkedLook, self::Wait, self::CuedLook, self::Passing, self::Position],
            // logged as a wait in earlier versions
            PlanKind::Sound => [self::Sound, self::Wait],
            PlanKind::Contact => [self::Touch, self::Worn],
            PlanKind::Duration => [self::Skill, self::Settling],
        };
    }

    /**
     * Which of them an outcome tells of; null for what can come of any.
     *
     * @param  list<self>  $offered
     */
    public static function told(Outcome $outcome, array $offered): ?self
    {
        foreach ($offered as $one) {
            if (in_array($outcome, $one->outcomes(), true)) {
                return $one;
            }
        }

        return null;
    }

    /** @return non-empty-list<Outcome> under the thumb, the one that counts foremost */
    public function outcomes(): array
    {
        return match ($this) {
            self::MarkedLook => [Outcome::TurnedAtMark, Outcome::SlowToMark, Outcome::MarkUnanswered, Outcome::LockedOn],
            self::Wait => [Outcome::Returned, Outcome::Watched, Outcome::Prompted, Outcome::NotReturned],
            self::CuedLook => [Outcome::LookedBefore, Outcome::OnCue, Outcome::LateOnCue, Outcome::CueUnanswered],
            self::Passing => [
                Outcome::CarriedOn, Outcome::LookedCarriedOn, Outcome::NeededHelp, Outcome::NotPassed, Outcome::QuietPass,
            ],
            self::Position => [Outcome::StayedLoose, Outcome::StayedStiff, Outcome::BrokePosition],
            self::Sound => [Outcome::AteOn, Outcome::ListenedAte, Outcome::StoppedEating, Outcome::Startled],
            self::Touch => [Outcome::Reached, Outcome::LeftCameBack, Outcome::LeftEarly, Outcome::RefusedStart],
            self::Worn => [Outcome::MovedFreely, Outcome::MovedLess, Outcome::PawedAtIt, Outcome::TookItOff],
            self::Skill => [Outcome::Reached, Outcome::Nearly, Outcome::NotDone],
            self::Settling => [Outcome::Reached, Outcome::Stirred, Outcome::GotUp],
        };
    }
}
