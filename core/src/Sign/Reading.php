<?php

declare(strict_types=1);

namespace Core\Sign;

use Core\Exposure\PlanKind;

/**
 * Work in which some signs mean something of their own: leaving is a no at a station and a reset on a mat; stiffness under the hand is
 * strong.
 */
enum Reading: string
{
    case Contact = 'contact';
    case Station = 'station';
    case Mat = 'mat';

    /** @param  string  $method  key of a method; one without readings of its own is read by the kind of plan */
    public static function of(string $method, PlanKind $kind): ?self
    {
        return match (true) {
            $method === 'opt_in_station' => self::Station,
            $method === 'calm_settling' => self::Mat,
            $kind === PlanKind::Contact => self::Contact,
            default => null,
        };
    }
}
