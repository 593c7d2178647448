<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Measure\Probability;
use Core\Sign\Band;
use Random\Randomizer;

/**
 * A dog with a hidden threshold that draws its bands from the response model, learns from calm trials and sensitizes
 * from strain and reactions. The generator is passed in, so a seed repeats a whole history.
 */
final class SimulatedDog
{
    private float $offset = 0.0;

    /**
     * @param  float  $location  hidden c_4 in logits: the load at which a reaction is as likely as not; learning raises it
     * @param  array{float, float, float}  $gaps  between the cut points, lowest first
     * @param  array<string, float>  $slopes  hidden slope by dimension key
     * @param  float  $daySd  spread of good and bad days, in logits
     * @param  float  $learning  logits gained by a trial in the working zone
     */
    public function __construct(
        private readonly LoadScale $scale,
        private float $location,
        private readonly array $gaps,
        private readonly array $slopes,
        private readonly float $daySd,
        private readonly float $learning,
        private readonly Randomizer $random,
    ) {
    }

    /** A new day: the offset is drawn afresh. */
    public function wake(): void
    {
        $this->offset = $this->daySd * $this->normal();
    }

    /** Shows the dog an exposure; it takes it somehow, and is a little changed by it. */
    public function meet(Exposure $exposure): Band
    {
        $load = $this->offset;
        foreach ($this->scale->covariates($exposure) as $j => $x) {
            $load += ($this->slopes[$this->scale->dimensions[$j]->key] ?? 0.0) * $x;
        }
        $cut = $this->location;
        $band = Band::Over;
        $draw = $this->uniform();
        foreach ([4, 3, 2, 1] as $k) {
            if ($draw < Probability::fromLogit($load - $cut)) {
                break;
            }
            $band = Band::from($k - 1);
            $cut -= $k > 1 ? $this->gaps[$k - 2] : 0.0;
        }
        $this->location += match ($band) {
            Band::Easy => 0.4 * $this->learning,
            Band::Aware => $this->learning,
            Band::Effort => 0.3 * $this->learning,
            Band::Strain => -4.0 * $this->learning,
            Band::Over => -15.0 * $this->learning,
        };

        return $band;
    }

    /** Uniform in (0, 1). */
    public function uniform(): float
    {
        return ($this->random->getInt(0, 0xFFFFFFFF) + 0.5) / 4294967296.0;
    }

    /** Box–Muller. */
    private function normal(): float
    {
        return sqrt(-2.0 * log($this->uniform())) * cos(2.0 * M_PI * $this->uniform());
    }
}
