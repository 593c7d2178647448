<?php

declare(strict_types=1);

namespace Core\Exception;

/** What an error about a number names, and the unit that the number is in. */
enum Quantity: string
{
    case Probability = 'probability';
    case Share = 'share';
    case Distance = 'distance';
    case Weight = 'weight';
    case Trials = 'trials';
    case PiecesPerTrial = 'pieces-per-trial';
    case Jackpots = 'jackpots';
    case PieceWeight = 'piece-weight';
    case PieceEnergy = 'piece-energy';
    case MealEnergy = 'meal-energy';
    case PiecesLeft = 'pieces-left';
    case NoseLength = 'nose-length';
    case GirthClosed = 'girth-closed';
    case GirthOpen = 'girth-open';
    case HeightOpen = 'height-open';
    case InsideLength = 'inside-length';
    case InsideGirth = 'inside-girth';
    case InsideHeight = 'inside-height';
    case Neck = 'neck';
    case Head = 'head';
    case Collar = 'collar';
    case CollarOpen = 'collar-open';
    case Chest = 'chest';
    case Strap = 'strap';
    case BehindElbow = 'behind-elbow';
    case Steps = 'steps';
    case TrialsPerOuting = 'trials-per-outing';
    case AdvancesPerOuting = 'advances-per-outing';
    case OutingsPerWeek = 'outings-per-week';
    case SuccessRate = 'success-rate';
    case Hold = 'hold';
    case Holds = 'holds';
    case Run = 'run';
    case Window = 'window';
    case SuccessesAsked = 'successes-asked';
    case Successes = 'successes';
    case Sessions = 'sessions';
    case TrialsPerSession = 'trials-per-session';
    case Days = 'days';
    case InstructionLength = 'instruction-length';
    case Hands = 'hands';
    case Eyes = 'eyes';
    case TableRow = 'table-row';
    case TableRows = 'table-rows';
    case LevelRead = 'level-read';
    case Onset = 'onset';
    case MeasuredAt = 'measured-at';
    case PlayerShare = 'player-share';
    case Ceiling = 'ceiling';
    case CeilingUnconfirmed = 'ceiling-unconfirmed';
    case LevelGoal = 'level-goal';
    case GapWidth = 'gap-width';
    case GapDepth = 'gap-depth';
    case PathDistance = 'path-distance';
    case WorkingDistance = 'working-distance';
    case Cover = 'cover';
    case RoomAside = 'room-aside';
    case TriggerLength = 'trigger-length';
    case HandlerSpeed = 'handler-speed';
    case TriggerSpeed = 'trigger-speed';
    case RetreatSpeed = 'retreat-speed';
    case ReactionTime = 'reaction-time';
    case TurningTime = 'turning-time';
    case Angle = 'angle';
    case StrainCap = 'strain-cap';
    case ReactionCap = 'reaction-cap';
    case NewSteps = 'new-steps';
    case SetMinutes = 'set-minutes';
    case SessionMinutes = 'session-minutes';
    case EasyAfter = 'easy-after';
    case Sets = 'sets';
    case BreakMinutes = 'break-minutes';
    case Severity = 'severity';

    /** In which the numbers of an error are: m, cm, s, min, kg, g, kcal/g, m/s, dB(A), %, degrees; null for a plain count. */
    public function unit(): ?string
    {
        return match ($this) {
            self::Distance, self::MeasuredAt, self::GapWidth, self::GapDepth, self::PathDistance, self::WorkingDistance, self::Cover,
            self::RoomAside, self::TriggerLength => 'm',
            self::NoseLength, self::GirthClosed, self::GirthOpen, self::HeightOpen, self::InsideLength, self::InsideGirth,
            self::InsideHeight, self::Neck, self::Head,
            self::Collar, self::CollarOpen, self::Chest, self::Strap, self::BehindElbow => 'cm',
            self::Hold, self::Onset, self::ReactionTime, self::TurningTime => 's',
            self::SetMinutes, self::SessionMinutes, self::BreakMinutes => 'min',
            self::Weight => 'kg',
            self::PieceWeight => 'g',
            self::PieceEnergy, self::MealEnergy => 'kcal/g',
            self::HandlerSpeed, self::TriggerSpeed, self::RetreatSpeed => 'm/s',
            self::LevelRead, self::Ceiling, self::CeilingUnconfirmed, self::LevelGoal => 'dB(A)',
            self::StrainCap, self::ReactionCap => '%',
            self::Angle => 'degrees',
            default => null,
        };
    }
}
