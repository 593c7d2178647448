<?php

declare(strict_types=1);

namespace Core\Exposure;

/** What a plan works on, and so which dimensions its exposures have. */
enum PlanKind: string
{
    /** A trigger at a distance: dogs, people, wheels, animals, things. */
    case Presence = 'presence';
    /** Hands, tools and items worn: handling, grooming, care. */
    case Contact = 'contact';
    case Sound = 'sound';
    /** A skill that is held: focus, mat, chin rest. */
    case Duration = 'duration';
}
