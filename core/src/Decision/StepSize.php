<?php

declare(strict_types=1);

namespace Core\Decision;

/** How far one step goes where the distance alone changes. */
enum StepSize: string
{
    /** Half a logit of this dog's slope: equally hard steps. */
    case Ratio = 'ratio';
    /** A yard, as some practices count. */
    case Yard = 'yard';
    /** Whatever the ladder says. */
    case AsShown = 'as_shown';
}
