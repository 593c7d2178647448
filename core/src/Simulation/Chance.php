<?php

declare(strict_types=1);

namespace Core\Simulation;

use Random\Randomizer;

/** Random numbers of the usual shapes from a seeded generator that is passed in. */
final readonly class Chance
{
    public function __construct(private Randomizer $random)
    {
    }

    /** Uniform in (0, 1). */
    public function uniform(): float
    {
        return ($this->random->getInt(0, 0xFFFFFFFF) + 0.5) / 4294967296.0;
    }

    /** Standard normal, by Box and Muller. */
    public function normal(): float
    {
        return sqrt(-2.0 * log($this->uniform())) * cos(2.0 * M_PI * $this->uniform());
    }

    /**
     * Gamma of a whole shape: a sum of exponentials.
     *
     * @param  positive-int  $shape
     */
    public function gamma(int $shape, float $mean): float
    {
        $sum = 0.0;
        for ($i = 0; $i < $shape; $i++) {
            $sum -= log($this->uniform());
        }

        return $sum * $mean / $shape;
    }

    /** Student's t with 3 degrees of freedom. */
    public function heavyTailed(): float
    {
        $squares = $this->normal() ** 2 + $this->normal() ** 2 + $this->normal() ** 2;

        return $this->normal() / sqrt($squares / 3.0);
    }
}
