<?php

declare(strict_types=1);

namespace App\Plan;

/** Where a new plan's ladder comes from. */
enum LadderPlan: string
{
    case EqualRatios = 'ratio';
    case Template = 'template';
    case ByHand = 'hand';
}
