<?php

declare(strict_types=1);

namespace App\Models;

/** What happened off any plan. */
enum EventKind: string
{
    case Upset = 'upset';
    case OffPlan = 'off_plan';
    /** Met it off plan and stayed calm: on record, and it loads nothing. */
    case Calm = 'calm';
    case Bite = 'bite';
    case Incident = 'incident';

    /** @return list<self> what anybody logs by two taps; a bite and an incident are written down with their facts */
    public static function logged(): array
    {
        return [self::Upset, self::OffPlan, self::Calm];
    }
}
