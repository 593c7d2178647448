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
    case FoodOrCue = 'food-or-cue';
    case FoodOrCueAgain = 'food-or-cue-again';
    case OverEager = 'over-eager';
    case Tired = 'tired';
    case Strain = 'strain';
    case StrainAgain = 'strain-again';
    case ThirdStrain = 'third-strain';
    case Wall = 'wall';
    case Effort = 'effort';
    case EffortOnce = 'effort-once';
    case SkipBack = 'skip-back';
    case OptOut = 'opt-out';
    case OptOutTwice = 'opt-out-twice';
    case OptOuts = 'opt-outs';
    case ChangeFirst = 'change-first';
    case ChangeHelped = 'change-helped';
    case ChangeMissed = 'change-missed';
    case BodyFirst = 'body-first';
    case TwoMisses = 'two-misses';
    case EasyWinMissed = 'easy-win-missed';
    case HalfStepBack = 'half-step-back';
    case HalfStepNotYet = 'half-step-not-yet';
    case Unnoticed = 'unnoticed';
    case UnnoticedNearer = 'unnoticed-nearer';
    case UnnoticedPlainer = 'unnoticed-plainer';
    case FoodUsedUp = 'food-used-up';
    case SessionTime = 'session-time';
    case SessionTrials = 'session-trials';
    case SetTime = 'set-time';
    case Ready = 'ready';
    case StopOnGood = 'stop-on-good';
    case EndAnyway = 'end-anyway';
    case Closing = 'closing';
    case Breakthrough = 'breakthrough';
    case EasyBetween = 'easy-between';
    case BackToWork = 'back-to-work';
    case Criterion = 'criterion';
    case SessionsAsked = 'sessions-asked';
    case Goal = 'goal';
    case AdvancesUsed = 'advances-used';
    case Advances = 'advances';
    case Regain = 'regain';
    case Skip = 'skip';
    case Spent = 'spent';
    case SpentEnd = 'spent-end';
    case Split = 'split';
    case MissingDog = 'missing-dog';
    case MissingCertainty = 'missing-certainty';
    case Stuck = 'stuck';
    case Run = 'run';
    case Watched = 'watched';
    case Prompted = 'prompted';
    case Interrupted = 'interrupted';
    case HandlerError = 'handler-error';
    case TooQuick = 'too-quick';
    case NameIt = 'name-it';

    // the brake, and what it rests on
    case BeyondCap = 'beyond-cap';
    case BeyondCapAtStart = 'beyond-cap-at-start';
    case Peek = 'peek';
    case NothingWithin = 'nothing-within';
    case NoRoom = 'no-room';
    case EasierBy = 'easier-by';
    case NoModel = 'no-model';
    case NoModelBack = 'no-model-back';
    case Risk = 'risk';
    case CapsTightened = 'caps-tightened';
    case OffModel = 'off-model';

    // where a session starts
    case Suspended = 'suspended';
    case RestDay = 'rest-day';
    case StillShaken = 'still-shaken';
    case Breaker = 'breaker';
    case NewPerson = 'new-person';
    case NewPlace = 'new-place';
    case StartFirst = 'start-first';
    case StartNoneSolid = 'start-none-solid';
    case StartBack = 'start-back';

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

    /** Whether it says how the dog was, or why today is different, and holds whatever easier thing is then asked for. */
    public function tellsOfTheDog(): bool
    {
        return match ($this) {
            self::Recover, self::Freeze, self::FoodOrCue, self::FoodOrCueAgain, self::Strain, self::StrainAgain, self::Effort,
            self::OptOut, self::OptOutTwice, self::ChangeMissed,
            self::BodyFirst, self::TwoMisses, self::EasyWinMissed, self::Prompted, self::Interrupted, self::HandlerError, self::TooQuick,
            self::StillShaken, self::Breaker, self::NewPerson, self::NewPlace => true,
            default => false,
        };
    }

    /** @return list<string> names of the facts that a reason of this code has, all of them */
    public function facts(): array
    {
        return match ($this) {
            self::Resting => ['why'],
            self::Reaction, self::Strain, self::TwoMisses, self::BackToWork, self::Spent, self::SpentEnd, self::Split => ['at'],
            self::SecondReaction, self::AfterReactionEnd, self::ThirdStrain, self::StrainAgain, self::FoodOrCueAgain, self::OptOuts,
            self::SessionTrials,
            self::AdvancesUsed, self::EasyBetween, self::Suspended, self::UnnoticedNearer, self::UnnoticedPlainer, self::Unnoticed,
            self::Wall, self::ChangeHelped => ['count'],
            self::AfterReaction => ['at', 'count', 'most', 'chance'],
            self::Effort => ['at', 'count', 'of'],
            self::ChangeFirst => ['change'],
            self::HalfStepBack => ['from', 'at'],
            self::SessionTime => ['minutes', 'planned'],
            self::SetTime => ['minutes', 'planned', 'plan'],
            self::Criterion => ['progress', 'at', 'plan', 'regained'],
            self::Run => ['progress', 'at', 'plan'],
            self::SessionsAsked => ['sessions', 'days'],
            self::Advances => ['count', 'most'],
            self::Skip => ['count'],
            self::MissingCertainty => ['trials'],
            self::Stuck => ['count', 'stayed'],
            self::NameIt => ['count', 'of'],
            self::BeyondCap, self::BeyondCapAtStart => ['wished', 'at'],
            self::Peek => ['count', 'most', 'at'],
            self::NothingWithin => ['at'],
            self::EasierBy => ['from', 'at', 'steps'],
            self::Risk => ['at', 'strain', 'strainCap', 'reaction', 'reactionCap', 'binding', 'room'],
            self::CapsTightened => ['strained', 'reacted', 'of', 'expectedStrained', 'expectedReacted'],
            self::NewPerson => ['step', 'start'],
            self::NewPlace => ['start'],
            self::StartBack => ['step', 'back', 'days', 'hard', 'reacted'],
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
