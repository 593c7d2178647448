<?php

declare(strict_types=1);

namespace App\View\Components;

use Core\Chart\LinearScale;
use Core\Chart\Ticks;

/** The time since a session began: told in seconds where it lasted a minute or two, else in minutes. */
final readonly class MinutesAxis
{
    private const SECONDS_UNDER = 2.0;

    private const ABOUT = 8;

    /**
     * @param  LinearScale  $x  of minutes
     * @return list<array{x: float, label: string}>
     */
    public static function ticks(LinearScale $x, float $minutes): array
    {
        $inSeconds = $minutes < self::SECONDS_UNDER;
        $per = $inSeconds ? 60.0 : 1.0;

        return array_map(static fn (float $tick): array => [
            'x' => $x->map($tick / $per),
            'label' => $inSeconds ? words()->formats->seconds($tick) : say('charts.strip.minutes', ['minutes' => $tick]),
        ], Ticks::linear(0.0, $minutes * $per, self::ABOUT));
    }
}
