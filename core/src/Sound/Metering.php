<?php

declare(strict_types=1);

namespace Core\Sound;

use Core\Measure\Median;

/**
 * The level of a sound at the dog from a meter's readings around it: the loudest while it lasted, less the background of the
 * seconds before. Levels less than 3 dB apart cannot be told from the background (ISO 3744: the correction is at most 3 dB).
 */
final readonly class Metering
{
    /** Seconds before the sound from which the background is taken. */
    public const BACKGROUND_SECONDS = 10.0;

    /** Decibels over the background from which a level can be told. */
    private const MIN_OVER = 3.0;

    /**
     * @param  list<array{float, float}>  $readings  seconds on any clock, and level in dB(A)
     * @param  float  $from  start of the sound on the same clock
     * @return ?float  in dB(A); null if no reading fell into the sound, or none stood out of the background
     */
    public static function levelDuring(array $readings, float $from, float $to): ?float
    {
        $within = static fn (float $start, float $end): array =>
            array_column(array_filter($readings, static fn (array $reading): bool => $reading[0] >= $start && $reading[0] < $end), 1);
        $during = $within($from, $to);
        if ($during === []) {
            return null;
        }
        $loudest = max($during);
        $before = $within($from - self::BACKGROUND_SECONDS, $from);
        if ($before === []) {
            return $loudest;
        }
        $background = Median::of($before);

        return $loudest - $background < self::MIN_OVER ? null : 10.0 * log10(10.0 ** ($loudest / 10.0) - 10.0 ** ($background / 10.0));
    }
}
