<?php

declare(strict_types=1);

namespace Core\Gear;

/** What a measurement says about an item. */
enum Verdict: string
{
    case Good = 'good';
    /** Two measurements do not go together: measure again. */
    case Ask = 'ask';
    case Look = 'look';
    case Change = 'change';
}
