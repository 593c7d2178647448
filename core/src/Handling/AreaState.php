<?php

declare(strict_types=1);

namespace Core\Handling;

/** What is known of a part of the body besides its trials. */
enum AreaState: string
{
    case Fine = 'fine';
    case Sore = 'sore';
    case NoGo = 'no_go';
    case Missing = 'missing';

    /** Whether hands stay away from it in training. */
    public function keepsHandsOff(): bool
    {
        return $this !== self::Fine;
    }
}
