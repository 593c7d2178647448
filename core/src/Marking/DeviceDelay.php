<?php

declare(strict_types=1);

namespace Core\Marking;

use Core\Measure\Median;
use Core\Measure\Quantile;

/**
 * How late taps of a device reach the page beside what it shows and plays, measured by tapping along to a beat: the median is taken off
 * every tap, and what is left is told as ±. Nothing finer is judged.
 */
final readonly class DeviceDelay
{
    /** Of the first beats, that only show the beat. */
    private const LEFT_OUT = 4;

    public const LEAST_TAPS = 8;

    /** Half a beat away nobody knows which beat was meant. */
    private const NEAREST = 0.4;

    /** Ears and hands that are farther apart than that did not follow the beat. */
    public const MOST_SPREAD = 120;

    /**
     * @param  int  $milliseconds  median of tap minus beat; may be under 0, for people come early to a beat
     * @param  int  $spread  half of what the middle half of the taps covers, milliseconds
     */
    public function __construct(public int $milliseconds, public int $spread)
    {
    }

    /**
     * @param  list<int>  $beats  milliseconds, in their order
     * @param  list<int>  $taps  milliseconds
     * @return self|TapProblem  a problem where fewer than eight taps belong to a beat, or they are too uneven to tell anything
     */
    public static function measured(array $beats, array $taps): self|TapProblem
    {
        $beat = count($beats) > 1 ? ($beats[count($beats) - 1] - $beats[0]) / (count($beats) - 1) : 0.0;
        $late = [];
        foreach (array_slice($beats, self::LEFT_OUT) as $at) {
            $nearest = null;
            foreach ($taps as $tap) {
                $nearest = $nearest === null || abs($tap - $at) < abs($nearest - $at) ? $tap : $nearest;
            }
            if ($nearest !== null && abs($nearest - $at) <= self::NEAREST * $beat) {
                $late[] = (float) ($nearest - $at);
            }
        }
        if (count($late) < self::LEAST_TAPS) {
            return TapProblem::TooFew;
        }
        $spread = (int) round((Quantile::of($late, 0.75) - Quantile::of($late, 0.25)) / 2.0);
        if ($spread > self::MOST_SPREAD) {
            return TapProblem::TooUneven;
        }

        return new self((int) round(Median::of($late)), $spread);
    }
}
