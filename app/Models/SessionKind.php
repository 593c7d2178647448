<?php

declare(strict_types=1);

namespace App\Models;

/** What a session is for. */
enum SessionKind: string
{
    case Ladder = 'ladder';
    case Acclimatize = 'acclimatize';
    case Drill = 'drill';
}
