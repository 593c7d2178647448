<?php

declare(strict_types=1);

namespace Core\Wearing;

/** How the dog moved in an item, against its own baseline: a three-legged dog moves oddly without one. */
enum Movement: string
{
    case AsUsual = 'as_usual';
    case Shorter = 'shorter';
    case Hesitant = 'hesitant';
    case PawsAtIt = 'paws';
    case Frozen = 'frozen';
}
