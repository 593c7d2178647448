<?php

declare(strict_types=1);

namespace Core\Field;

/** Two that move straight and steadily, seen from one of them. */
final readonly class Motion
{
    /**
     * The least distance: |p × w|/|w| where they approach (p·w < 0), else |p|.
     *
     * @param  array{float, float}  $place  of the other, in meters
     * @param  array{float, float}  $speed  of the other relative to the one, in m/s
     * @param  float  $seconds  until when; without end if not given
     */
    public static function nearest(array $place, array $speed, float $seconds = INF): float
    {
        $square = $speed[0] ** 2 + $speed[1] ** 2;
        $at = $square > 0.0 ? min($seconds, max(0.0, -($place[0] * $speed[0] + $place[1] * $speed[1]) / $square)) : 0.0;

        return hypot($place[0] + $speed[0] * $at, $place[1] + $speed[1] * $at);
    }
}
