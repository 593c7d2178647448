<?php

declare(strict_types=1);

namespace App\Models;

/** What a session is for. */
enum SessionKind: string
{
    case Ladder = 'ladder';
    case Acclimatize = 'acclimatize';
    case Drill = 'drill';

    public function label(): string
    {
        return match ($this) {
            self::Ladder => 'Ladder: trials at the plan\'s steps',
            self::Acclimatize => 'Acclimatize: a new place, looking and sniffing, no ladder',
            self::Drill => 'Drill: a skill with nothing there',
        };
    }
}
