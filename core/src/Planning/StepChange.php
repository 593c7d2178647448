<?php

declare(strict_types=1);

namespace Core\Planning;

/** What became of a step when a ladder was changed. */
enum StepChange: string
{
    case Kept = 'kept';
    case Moved = 'moved';
    case Edited = 'edited';
    case Added = 'added';
    case Removed = 'removed';
}
