<?php

declare(strict_types=1);

namespace Core\Film;

/** What happens at one moment of a film. */
enum Happening: string
{
    case Mark = 'mark';
    case Food = 'food';
    case LookBack = 'look_back';
    /** The last mark brought nothing. */
    case Unanswered = 'unanswered';
    case Startle = 'startle';
    case Turn = 'turn';
    /** Of the handler: late, the hand first, a tight leash. */
    case Slip = 'slip';
}
