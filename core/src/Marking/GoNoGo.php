<?php

declare(strict_types=1);

namespace Core\Marking;

use Core\Measure\NormalQuantile;

/**
 * How well what was to be marked was told from what was not, and how readily marks were given, from hits and false alarms with half a count
 * added to each (Hautus), so that none and all have a value.
 *
 * GoNoGo::of(8, 10, 2, 10) has a sensitivity of 1.49 and a bias of 0.
 *
 * @see Green, D. M., & Swets, J. A. (1966). Signal Detection Theory and Psychophysics. Hautus, M. J. (1995). Corrections for extreme
 *    proportions and their biasing effects on estimated values of d′. Behavior Research Methods 27, 46–51.
 */
final readonly class GoNoGo
{
    /**
     * @param  float  $sensitivity  d′: 0 by chance, above 3 hardly any mistaken
     * @param  float  $bias  c: under 0 marks come too easily, above 0 too rarely
     */
    private function __construct(public float $sensitivity, public float $bias)
    {
    }

    /** Null where there was nothing of one of the two. */
    public static function of(int $hits, int $targets, int $falseAlarms, int $others): ?self
    {
        return $targets === 0 || $others === 0
            ? null
            : self::ofRates(($hits + 0.5) / ($targets + 1), ($falseAlarms + 0.5) / ($others + 1));
    }

    public static function ofRates(float $hits, float $falseAlarms): self
    {
        [$hit, $false] = [NormalQuantile::of($hits), NormalQuantile::of($falseAlarms)];

        return new self($hit - $false, -($hit + $false) / 2.0);
    }
}
