<?php

declare(strict_types=1);

namespace Core\Insight;

/** A way of looking back over sessions. */
enum TrendMethod: string
{
    /** Earlier sessions fade, as in the advice. */
    case Fading = 'fading';
    /** All sessions count alike. */
    case Even = 'even';
    /** A steady change over calendar time. */
    case Line = 'line';
}
