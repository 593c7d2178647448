<?php

declare(strict_types=1);

namespace Core\Wearing;

/** What went on while an item was worn. Never alone: there is no such choice. */
enum WearingSituation: string
{
    case Still = 'still';
    case Cues = 'cues';
    case Play = 'play';
    case Walk = 'walk';
    case Outing = 'outing';
    case Care = 'care';

    /** Worn for fun, not for need. */
    public function isForFun(): bool
    {
        return $this !== self::Outing && $this !== self::Care;
    }
}
