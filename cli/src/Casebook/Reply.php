<?php

declare(strict_types=1);

namespace Cli\Casebook;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\ReasonCode;
use Core\Exposure\DimensionCatalog;
use Core\Ladder\Ladder;
use Words\Phrases;

/** An advice in the words of the casebook, and as a person hears it. */
final readonly class Reply
{
    public function __construct(public Advice $advice, private Ladder $ladder, private DimensionCatalog $catalog, private Phrases $phrases)
    {
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
        return match ($this->advice->reasons[0]->code) {
            ReasonCode::Criterion, ReasonCode::Run, ReasonCode::CalmLongEnough, ReasonCode::Goal, ReasonCode::StartBack,
            ReasonCode::StartWhereEnded,
            ReasonCode::StartNoneSolid, ReasonCode::AdvancesUsed, ReasonCode::Watched, ReasonCode::Prompted => 'run',
            ReasonCode::Effort, ReasonCode::EffortOnce => 'effort',
            ReasonCode::Strain, ReasonCode::StrainAgain, ReasonCode::SpentEnd, ReasonCode::TwiceToday, ReasonCode::Wall => 'strain',
            ReasonCode::Reaction, ReasonCode::SecondReaction, ReasonCode::AfterReaction, ReasonCode::AfterReactionEnd,
            ReasonCode::Suspended,
            ReasonCode::StartAfterReaction, ReasonCode::StartAfterOutside, ReasonCode::StartReactionElsewhere, ReasonCode::Breaker,
            ReasonCode::TrainersWord,
            ReasonCode::OnceADay => 'reaction',
            ReasonCode::StartTested, ReasonCode::StartTestedBelow => 'test',
            ReasonCode::StartTold, ReasonCode::StartTyped, ReasonCode::StartReactionTold, ReasonCode::StartUnknown,
            ReasonCode::StartUnknownRefused, ReasonCode::StartFirst => 'told',
            ReasonCode::RoomPeeks, ReasonCode::RoomTooSmall, ReasonCode::NoRoom => 'room',
            ReasonCode::FoodOrCue, ReasonCode::FoodOrCueAgain, ReasonCode::FoodHard, ReasonCode::FoodUsedUp => 'food',
            ReasonCode::OverEager, ReasonCode::Freeze, ReasonCode::Bite => 'sign',
            ReasonCode::OptOut, ReasonCode::OptOutTwice, ReasonCode::OptOuts => 'left',
            ReasonCode::Tired => 'tired',
            ReasonCode::StillShaken, ReasonCode::RestDay => 'days',
            ReasonCode::Unwell, ReasonCode::Resting, ReasonCode::SuddenChange => 'health',
            ReasonCode::NotRested, ReasonCode::Wired, ReasonCode::Noisy, ReasonCode::HotGround, ReasonCode::GearOff => 'checklist',
            ReasonCode::NewHere => 'days',
            ReasonCode::TestFirst => 'test',
            ReasonCode::NewPerson => 'new_person',
            ReasonCode::NewPlace => 'place',
            ReasonCode::Breakthrough, ReasonCode::FirstOfSkill => 'breakthrough',
            ReasonCode::SessionTime, ReasonCode::SessionTrials, ReasonCode::SetTime, ReasonCode::PlacesOfSet => 'clock',
            ReasonCode::Plateau => 'plateau',
            ReasonCode::Unnoticed, ReasonCode::UnnoticedNearer, ReasonCode::UnnoticedPlainer => 'unnoticed',
            default => 'risk',
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
