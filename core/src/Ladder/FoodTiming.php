<?php

declare(strict_types=1);

namespace Core\Ladder;

/**
 * When the food of a trial comes. It is a property of the step: feeding after an item is gone pays for being freed, feeding during it for
 * wearing it.
 */
enum FoodTiming: string
{
    case Before = 'before';
    case During = 'during';
    case DrawnOut = 'drawn_out';
    case AfterMark = 'after_mark';
    case AfterGone = 'after_gone';
}
