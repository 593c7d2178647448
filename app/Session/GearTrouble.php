<?php

declare(strict_types=1);

namespace App\Session;

/** What can be wrong with gear in the middle of a session: one tap, and the session ends well. */
enum GearTrouble: string
{
    case Loose = 'loose';
    case Rubs = 'rubs';
    case Turned = 'turned';
    case CameOff = 'came_off';
}
