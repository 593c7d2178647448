<?php

declare(strict_types=1);

namespace Cli\Casebook;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\LoggedTrial;
use Core\Decision\ReasonCode;
use Core\Exposure\DimensionCatalog;
use Core\Ladder\Ladder;
use Words\Phrases;

/** An advice in the words of the casebook, and as a person hears it. */
final readonly class Reply
{
    /** @param  ?LoggedTrial  $last  that it answers; null at a start, and where nobody asks what it is about */
    public function __construct(
        public Advice $advice, private ?LoggedTrial $last, private Ladder $ladder, private DimensionCatalog $catalog,
        private Phrases $phrases,
    ) {
    }

    public function action(): string
    {
        return match ($this->advice->action) {
            Action::Start, Action::Peek => 'start', Action::Advance => 'advance', Action::Repeat => 'stay', Action::EasyWin,
            Action::EasyBetween => 'easy_win',
            Action::ChangeOther => 'change_one_thing', Action::Ease => 'ease', Action::Split => 'half', Action::Break => 'leave',
            Action::EndWell, Action::Stop => 'end', Action::NotHere => 'rest', Action::Refer => 'refer', Action::HandsOff => 'hands_off',
        };
    }

    /** Subjects of the first reason. */
    public function subject(): string
    {
        $first = $this->advice->reasons[0];

        return match ($first->code) {
            ReasonCode::StartBack => $first->facts['days'] > 0 ? 'days' : 'run',
            ReasonCode::Criterion, ReasonCode::Run, ReasonCode::MarkedRun, ReasonCode::ReadyToWait, ReasonCode::CalmLongEnough,
            ReasonCode::EnoughHere, ReasonCode::PutOneBetween, ReasonCode::Goal, ReasonCode::Regain, ReasonCode::Bold,
            ReasonCode::Advances, ReasonCode::AdvancesUsed, ReasonCode::SessionsAsked, ReasonCode::OverSessions, ReasonCode::Watched,
            ReasonCode::Prompted, ReasonCode::Interrupted, ReasonCode::HandlerError, ReasonCode::LuckyLeap, ReasonCode::EasyBetween,
            ReasonCode::BackToWork, ReasonCode::Ready, ReasonCode::StopOnGood, ReasonCode::TwoMisses, ReasonCode::MissesEasiest,
            ReasonCode::MissesEnd, ReasonCode::RoundTooHard, ReasonCode::PayLess, ReasonCode::OffersElse,
            ReasonCode::StartWhereEnded, ReasonCode::BackAlong, ReasonCode::StartNoneSolid, ReasonCode::StartFarther,
            ReasonCode::StartEasiest => 'run',
            ReasonCode::Effort, ReasonCode::EffortOnce, ReasonCode::PeekStretched => 'effort',
            ReasonCode::Strain, ReasonCode::StrainAgain, ReasonCode::SpentEnd, ReasonCode::TwiceToday, ReasonCode::Wall => 'strain',
            ReasonCode::Reaction, ReasonCode::SecondReaction, ReasonCode::AfterReaction, ReasonCode::AfterReactionEnd,
            ReasonCode::Suspended, ReasonCode::EasyDay, ReasonCode::StartAfterReaction, ReasonCode::StartAfterOutside,
            ReasonCode::StartReactionElsewhere, ReasonCode::StartReactionEasiest, ReasonCode::ReactedAtEasiest, ReasonCode::Breaker,
            ReasonCode::TrainersWord, ReasonCode::UntilTrainersWord, ReasonCode::OnceADay => 'reaction',
            ReasonCode::StartTested, ReasonCode::StartTestedBelow, ReasonCode::TestFirst => 'test',
            ReasonCode::StartTold, ReasonCode::StartTyped, ReasonCode::StartReactionTold, ReasonCode::StartUnknown,
            ReasonCode::StartUnknownRefused, ReasonCode::StartFirst, ReasonCode::Peek, ReasonCode::PeekOn => 'told',
            ReasonCode::RoomPeeks, ReasonCode::RoomTooSmall, ReasonCode::NoRoom, ReasonCode::StartFarEnd => 'room',
            ReasonCode::FoodOrCue, ReasonCode::FoodOrCueAgain, ReasonCode::FoodHard, ReasonCode::FoodUsedUp, ReasonCode::NothingUnfed,
            ReasonCode::RationStopped => 'food',
            ReasonCode::OverEager, ReasonCode::Freeze, ReasonCode::Bite, ReasonCode::MouthyUnfed, ReasonCode::Loading,
            ReasonCode::TurnsSlower, ReasonCode::StillTipping, ReasonCode::WaitItOut, ReasonCode::ProveIt => 'sign',
            // the same answer to a doubt and to a second no
            ReasonCode::ChangeFirst, ReasonCode::ChangeMissed, ReasonCode::NothingToChange => $this->last?->isNo() === true
                ? 'left' : 'sign',
            ReasonCode::OptOut, ReasonCode::OptOutTwice, ReasonCode::OptOuts => 'left',
            ReasonCode::Tired, ReasonCode::Panting => 'tired',
            ReasonCode::StillShaken, ReasonCode::RestDay, ReasonCode::NewHere => 'days',
            ReasonCode::Unwell, ReasonCode::Resting, ReasonCode::SuddenChange, ReasonCode::HeldAgainst => 'health',
            ReasonCode::NotRested, ReasonCode::Wired, ReasonCode::Noisy, ReasonCode::HotGround, ReasonCode::GearOff => 'checklist',
            ReasonCode::NewPerson => 'new_person',
            ReasonCode::NewPlace, ReasonCode::NextElsewhere, ReasonCode::StartElsewhere => 'place',
            ReasonCode::Breakthrough, ReasonCode::FirstOfSkill => 'breakthrough',
            ReasonCode::SessionTime, ReasonCode::SessionTrials, ReasonCode::SetTime, ReasonCode::PlacesOfSet,
            ReasonCode::TooQuick => 'clock',
            ReasonCode::Plateau => 'plateau',
            ReasonCode::Unnoticed, ReasonCode::UnnoticedNearer, ReasonCode::UnnoticedPlainer => 'unnoticed',
            ReasonCode::MissingDog, ReasonCode::MissingCertainty, ReasonCode::NoModel, ReasonCode::Risk, ReasonCode::CapsTightened,
            ReasonCode::OffModel, ReasonCode::StartEased => 'risk',
            // beside another, or of a plan before it is made: never the first of an answer
            ReasonCode::BiteReview, ReasonCode::Recover, ReasonCode::EasyDays, ReasonCode::FreezeAgain, ReasonCode::FreezeThen,
            ReasonCode::FreezeThenStep, ReasonCode::FreezeThenSame, ReasonCode::FoodFirst, ReasonCode::TurnAway,
            ReasonCode::ChangeHelped, ReasonCode::BodyFirst, ReasonCode::EndAnyway, ReasonCode::Closing, ReasonCode::NameIt,
            ReasonCode::PeekStrangers, ReasonCode::NothingSmaller, ReasonCode::CalmThere, ReasonCode::StepsEasier,
            ReasonCode::StartProposed, ReasonCode::StartStep, ReasonCode::StartDoubt,
            ReasonCode::StartDoubtStep, ReasonCode::StartShort, ReasonCode::StartShortStep, ReasonCode::TwoAtOnce,
            ReasonCode::NoPath, ReasonCode::BigStep, ReasonCode::NeedsHelp => 'other',
        };
    }

    public function meters(): ?float
    {
        return $this->advice->next?->exposure->distance()?->meters;
    }

    /** What is to be set up: the step in words, and its measures. */
    public function title(): string
    {
        $next = $this->advice->next;
        if ($next === null) {
            return '';
        }
        $step = $this->ladder->step($next->step);
        $isStep = $next->exposure->equals($step->exposure);

        return trim(($isStep ? $step->manner->instruction.' ' : '').$this->phrases->exposure(
            $next->exposure, $this->catalog, $this->ladder->shared(),
        ));
    }

    public function reason(): string
    {
        return $this->phrases->reason($this->advice->reasons[0], $this->catalog);
    }

    /** All that stands on the screen without asking why. */
    public function shown(): string
    {
        return "{$this->title()}. {$this->reason()}";
    }

    public function line(): string
    {
        return $this->action().($this->advice->next === null ? '' : " · {$this->title()}")." · {$this->reason()}";
    }
}
