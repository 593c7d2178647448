<?php

declare(strict_types=1);

namespace Core\Decision;

/** What a level came to in a session. */
enum MarkKind: string
{
    /** Its criterion was met. */
    case Solid = 'solid';
    /** The dog struggled there. */
    case Struggled = 'struggled';
    /** The dog went over there. */
    case Over = 'over';
    /** The same, where what caused it came from outside: it counts, but not against the place. */
    case OverFromOutside = 'over_from_outside';
}
