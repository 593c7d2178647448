<?php

declare(strict_types=1);

namespace Core\Observation;

/** What a stretch of an outing is. */
enum SegmentKind: string
{
    /** Out of the car, through the door, down the path: what every outing begins with. */
    case Arrival = 'arrival';
    case Spot = 'spot';
    /** Walked off; nothing is asked. */
    case Break = 'break';
    /** Back at the spot before the break, and nothing there has changed. */
    case Same = 'same';
    /** Back at the spot, but what was there has changed: a comparison says less. */
    case Changed = 'changed';

    public function isReturn(): bool
    {
        return $this === self::Same || $this === self::Changed;
    }
}
