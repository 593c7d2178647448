<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** Which hours of a place suit a plan. */
enum HoursWish: string
{
    case Any = 'any';
    /** Never when the place is busy. */
    case Quiet = 'quiet';
    /** Rather when it is busy: the work needs passers-by. */
    case Busy = 'busy';
}
