<?php

declare(strict_types=1);

namespace Core\Decision;

/**
 * Why an advice, a proposed start or a flag on a step was given. The edge says each in words (lang/en/reasons.php); here it is a
 * code and the names of the facts that go with it.
 */
enum ReasonCode: string
{
    // after a trial, in the order in which the rules are asked
    case Bite = 'bite';
    case BiteReview = 'bite-review';
    case Resting = 'resting';
    case Reaction = 'reaction';
    case Recover = 'recover';
    case SecondReaction = 'second-reaction';
    case EasyDays = 'easy-days';
    case AfterReaction = 'after-reaction';
    case AfterReactionEnd = 'after-reaction-end';
    case Freeze = 'freeze';
    case FreezeAgain = 'freeze-again';
    case FreezeThen = 'freeze-then';
    case FreezeThenStep = 'freeze-then-step';
    case FreezeThenSame = 'freeze-then-same';
    case MouthyUnfed = 'mouthy-unfed';
    case FoodOrCue = 'food-or-cue';
    case FoodOrCueAgain = 'food-or-cue-again';
    case FoodFirst = 'food-first';
    case TurnAway = 'turn-away';
    case Loading = 'loading';
    case FoodHard = 'food-hard';
    case TurnsSlower = 'turns-slower';
    case StillTipping = 'still-tipping';
    case OverEager = 'over-eager';
    case Tired = 'tired';
    case Panting = 'panting';
    case RationStopped = 'ration-stopped';
    case Strain = 'strain';
    case StrainAgain = 'strain-again';
    case Wall = 'wall';
    case Effort = 'effort';
    case EffortOnce = 'effort-once';
    case OptOut = 'opt-out';
    case OptOutTwice = 'opt-out-twice';
    case OptOuts = 'opt-outs';
    case ChangeFirst = 'change-first';
    case ChangeHelped = 'change-helped';
    case ChangeMissed = 'change-missed';
    case NothingToChange = 'nothing-to-change';
    case BodyFirst = 'body-first';
    case OffersElse = 'offers-else';
    case WaitItOut = 'wait-it-out';
    case TwoMisses = 'two-misses';
    case MissesEasiest = 'misses-easiest';
    case MissesEnd = 'misses-end';
    case RoundTooHard = 'round-too-hard';
    case PayLess = 'pay-less';
    case Unnoticed = 'unnoticed';
    case UnnoticedNearer = 'unnoticed-nearer';
    case UnnoticedPlainer = 'unnoticed-plainer';
    case FoodUsedUp = 'food-used-up';
    case NothingUnfed = 'nothing-unfed';
    case SessionTime = 'session-time';
    case SessionTrials = 'session-trials';
    case SetTime = 'set-time';
    case Ready = 'ready';
    case StopOnGood = 'stop-on-good';
    case EndAnyway = 'end-anyway';
    case Closing = 'closing';
    case Breakthrough = 'breakthrough';
    case FirstOfSkill = 'first-of-skill';
    case EasyBetween = 'easy-between';
    case BackToWork = 'back-to-work';
    case Criterion = 'criterion';
    case SessionsAsked = 'sessions-asked';
    case Goal = 'goal';
    case AdvancesUsed = 'advances-used';
    case Advances = 'advances';
    case Regain = 'regain';
    case EasyDay = 'easy-day';
    case Bold = 'bold';
    case CalmLongEnough = 'calm-long-enough';
    case EnoughHere = 'enough-here';
    case PutOneBetween = 'put-one-between';
    case NextElsewhere = 'next-elsewhere';
    case PlacesOfSet = 'places-of-set';
    case TrainersWord = 'trainers-word';
    case UntilTrainersWord = 'until-trainers-word';
    case OnceADay = 'once-a-day';
    case TwiceToday = 'twice-today';
    case SpentEnd = 'spent-end';
    case MissingDog = 'missing-dog';
    case MissingCertainty = 'missing-certainty';
    case Run = 'run';
    case MarkedRun = 'marked-run';
    case ReadyToWait = 'ready-to-wait';
    case ProveIt = 'prove-it';
    case OverSessions = 'over-sessions';
    case Watched = 'watched';
    case Prompted = 'prompted';
    case Interrupted = 'interrupted';
    case HandlerError = 'handler-error';
    case TooQuick = 'too-quick';
    case LuckyLeap = 'lucky-leap';
    case NameIt = 'name-it';

    // the brake, and what it rests on
    case Peek = 'peek';
    case PeekStrangers = 'peek-strangers';
    case PeekOn = 'peek-on';
    case PeekStretched = 'peek-stretched';
    case NoRoom = 'no-room';
    case NothingSmaller = 'nothing-smaller';
    case CalmThere = 'calm-there';
    case StepsEasier = 'steps-easier';
    case BackAlong = 'back-along';
    case NoModel = 'no-model';
    case Risk = 'risk';
    case CapsTightened = 'caps-tightened';
    case OffModel = 'off-model';

    // where a session starts
    case Suspended = 'suspended';
    case Unwell = 'unwell';
    case HotGround = 'hot-ground';
    case GearOff = 'gear-off';
    case NotRested = 'not-rested';
    case Wired = 'wired';
    case Noisy = 'noisy';
    case SuddenChange = 'sudden-change';
    case NewHere = 'new-here';
    case TestFirst = 'test-first';
    case HeldAgainst = 'held-against';
    case RestDay = 'rest-day';
    case StillShaken = 'still-shaken';
    case Breaker = 'breaker';
    case NewPerson = 'new-person';
    case NewPlace = 'new-place';
    case StartFirst = 'start-first';
    case StartNoneSolid = 'start-none-solid';
    case StartFarther = 'start-farther';
    case StartFarEnd = 'start-far-end';
    case StartEasiest = 'start-easiest';
    case StartBack = 'start-back';
    case StartWhereEnded = 'start-where-ended';
    case StartElsewhere = 'start-elsewhere';
    case StartAfterReaction = 'start-after-reaction';
    case StartAfterOutside = 'start-after-outside';
    case StartReactionElsewhere = 'start-reaction-elsewhere';
    case StartReactionEasiest = 'start-reaction-easiest';
    case ReactedAtEasiest = 'reacted-at-easiest';
    case StartEased = 'start-eased';
    case StartTested = 'start-tested';
    case StartTestedBelow = 'start-tested-below';
    case StartTold = 'start-told';
    case StartTyped = 'start-typed';
    case StartReactionTold = 'start-reaction-told';
    case StartUnknown = 'start-unknown';
    case StartUnknownRefused = 'start-unknown-refused';
    case RoomPeeks = 'room-peeks';
    case RoomTooSmall = 'room-too-small';
    case Plateau = 'plateau';

    // where a new plan starts
    case StartProposed = 'start-proposed';
    case StartStep = 'start-step';
    case StartDoubt = 'start-doubt';
    case StartDoubtStep = 'start-doubt-step';
    case StartShort = 'start-short';
    case StartShortStep = 'start-short-step';

    // a step of a ladder, before anybody walks it
    case TwoAtOnce = 'two-at-once';
    case NoPath = 'no-path';
    case BigStep = 'big-step';
    case NeedsHelp = 'needs-help';

    /** @return list<string> names of the facts that a reason of this code has, all of them */
    public function facts(): array
    {
        return match ($this) {
            self::Resting => ['why'],
            self::BackToWork, self::CalmThere => ['at'],
            self::SecondReaction, self::AfterReactionEnd, self::StrainAgain, self::FoodOrCueAgain, self::OptOuts, self::SessionTrials,
            self::AdvancesUsed, self::EasyBetween, self::Suspended, self::UnnoticedNearer, self::UnnoticedPlainer, self::Unnoticed,
            self::Wall, self::ChangeHelped, self::RationStopped, self::CalmLongEnough, self::TrainersWord, self::UntilTrainersWord,
            self::EnoughHere, self::TwiceToday, self::Plateau, self::MissesEasiest, self::MissesEnd => ['count'],
            self::AfterReaction, self::Advances => ['count', 'most'],
            self::Effort, self::NameIt, self::PeekOn, self::RoundTooHard, self::PayLess => ['count', 'of'],
            self::ChangeFirst => ['change'],
            self::EffortOnce => ['pause'],
            self::Reaction => ['fed'],
            self::SessionTime => ['minutes', 'planned'],
            self::SetTime => ['minutes', 'planned', 'plan'],
            self::PlacesOfSet => ['count', 'plan'],
            self::Criterion => ['progress', 'plan', 'regained'],
            self::Run => ['progress', 'plan'],
            self::MarkedRun => ['progress'],
            self::ProveIt, self::OverSessions => ['count'],
            self::SessionsAsked => ['sessions', 'days'],
            self::MissingCertainty => ['trials'],
            self::StepsEasier => ['steps', 'at'],
            self::BackAlong => ['at'],
            self::Risk => ['at', 'strain', 'strainCap', 'reaction', 'reactionCap', 'binding', 'room'],
            self::CapsTightened => ['strained', 'reacted', 'of', 'expectedStrained', 'expectedReacted'],
            self::StartBack => ['back', 'days', 'hard'],
            self::StartProposed => ['at', 'strain', 'strainCap', 'reaction', 'reactionCap'],
            self::StartStep => ['step', 'at', 'strain', 'strainCap', 'reaction', 'reactionCap'],
            self::StartDoubt => ['at'],
            self::StartDoubtStep => ['step'],
            self::TwoAtOnce => ['dimensions'],
            self::NoPath => ['steps'],
            self::BigStep => ['chance', 'cap'],
            self::NeedsHelp => ['hands', 'eyes'],
            default => [],
        };
    }
}
