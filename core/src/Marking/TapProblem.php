<?php

declare(strict_types=1);

namespace Core\Marking;

/** Why taps along a beat tell nothing of a device. */
enum TapProblem: string
{
    case TooFew = 'too_few';
    case TooUneven = 'too_uneven';
}
