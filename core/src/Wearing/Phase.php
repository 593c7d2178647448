<?php

declare(strict_types=1);

namespace Core\Wearing;

/** Putting on, wearing and taking off are separate ladders of one item; a branch goes a little way off to the side. */
enum Phase: string
{
    case On = 'on';
    case Worn = 'worn';
    case Off = 'off';
    case Branch = 'branch';
}
