<?php

declare(strict_types=1);

namespace Core\Exposure;

/** Dimensions that rules name, of the many in the catalogs. A catalog that lacks one of its plan does not load. */
enum DimensionKey: string
{
    case Distance = 'distance';
    case TriggerMotion = 'trigger_motion';
    case TriggerHeading = 'trigger_heading';
    case TriggerEnergy = 'trigger_energy';
    case TriggerAttention = 'trigger_attention';
    case TimeInView = 'exposure_time';
    case Barrier = 'barrier';
    case HandlerHelp = 'handler_help';
    case Gap = 'gap';
    case Contact = 'contact';
    case Duration = 'duration';
    case BodyArea = 'body_area';
    case Side = 'side';
    case Posture = 'posture';
    case ItemState = 'item_state';
    case Helper = 'helper';
    case Place = 'place';
    case Level = 'level';
    case Length = 'length';
    case Source = 'source';
    case Suddenness = 'suddenness';

    /** @return list<self> that a catalog of this kind must have */
    public static function required(PlanKind $plan): array
    {
        return match ($plan) {
            PlanKind::Presence => [
                self::Distance, self::TriggerMotion, self::TriggerHeading, self::TriggerEnergy, self::TriggerAttention, self::TimeInView,
                self::Barrier,
                self::HandlerHelp, self::Place,
            ],
            PlanKind::Contact => [
                self::Gap, self::Contact, self::Duration, self::BodyArea, self::Side, self::Posture, self::ItemState, self::Helper,
                self::Place,
            ],
            PlanKind::Sound => [self::Level, self::Length, self::Source, self::Suddenness, self::Place],
            PlanKind::Duration => [self::Duration, self::Place],
        };
    }

    /** The measured dimension that leads a plan: the one that eases first and is drawn along. */
    public static function leading(PlanKind $plan): self
    {
        return match ($plan) {
            PlanKind::Presence => self::Distance,
            PlanKind::Contact => self::Gap,
            PlanKind::Sound => self::Level,
            PlanKind::Duration => self::Duration,
        };
    }
}
