<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\PlanKind;

/** What can go wrong, and so how a trial is judged. */
enum Work
{
    /** A trigger at a distance, or a sound: the dog goes over. The response model is a brake on moving on. */
    case Exposure;
    /** Hands, tools and things worn: the dog says no, or bites. Its consent comes first, the model is a brake. */
    case Contact;
    /** A behavior, with no trigger about and no hand on the dog: boredom and frustration. Success in rounds; no risk, no model. */
    case Skill;

    public static function of(PlanKind $kind): self
    {
        return match ($kind) {
            PlanKind::Presence, PlanKind::Sound => self::Exposure,
            PlanKind::Contact => self::Contact,
            PlanKind::Duration => self::Skill,
        };
    }
}
