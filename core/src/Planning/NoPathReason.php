<?php

declare(strict_types=1);

namespace Core\Planning;

/** Why no ladder leads to a goal. */
enum NoPathReason: string
{
    case PlaceTooSmall = 'place-too-small';
    case StepTooHigh = 'step-too-high';
    case NothingMoves = 'nothing-moves';
}
