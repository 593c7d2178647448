<?php

declare(strict_types=1);

namespace Core\Exposure;

/** Whether a dimension belongs to the picture around what is asked: how the person sits, from where the hand comes, what is underfoot. */
enum Picture: string
{
    case No = 'no';
    /** One value is easier than another for most dogs. */
    case Eases = 'eases';
    /** Neither value is easier in general; this dog may find one so. */
    case Swaps = 'swaps';
}
