<?php

declare(strict_types=1);

namespace App\Models;

/** What a device tells of a session besides trials. */
enum SessionEventKind: string
{
    case Left = 'left';
    case Settled = 'settled';
    case NotTheDog = 'not_the_dog';
    case TriggerSeen = 'trigger_seen';
    case Stare = 'stare';
    case LookBack = 'look_back';
    case Note = 'note';
    case BreakOver = 'break_over';
    case Take = 'take';
    case Handler = 'handler';
    case KeptGrade = 'kept_grade';
    /** What went wrong with it, by GearTrouble. */
    case Gear = 'gear';
}
