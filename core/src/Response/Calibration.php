<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Sign\Band;

/**
 * What was foretold of a dog's latest trials against what came: where strain or reactions came more often, the limits are
 * tightened for this dog. A dog without small signs before a reaction shows itself here.
 */
final readonly class Calibration
{
    /** Forecasts that count, the newest. */
    public const WINDOW = 120;

    /** Under this factor the dog does not follow the model. */
    private const OFF = 0.5;

    /**
     * @param  float  $expectedStrain  sum of the mean risks of strain or worse, as told before each trial
     * @param  non-negative-int  $strain  trials with strain or worse
     * @param  float  $expectedReaction  sum of the mean risks of a reaction
     * @param  non-negative-int  $reactions  trials with a reaction
     * @param  non-negative-int  $forecasts  trials that had a forecast
     */
    public function __construct(
        public float $expectedStrain = 0.0,
        public int $strain = 0,
        public float $expectedReaction = 0.0,
        public int $reactions = 0,
        public int $forecasts = 0,
    ) {
    }

    /** With one more trial and what was foretold of it. */
    public function with(Risk $forecast, Band $band): self
    {
        return $this->plus(new self(
            $forecast->strainMean->value, $band->atLeast(Band::Strain) ? 1 : 0, $forecast->reactionMean->value,
            $band === Band::Over ? 1 : 0, 1,
        ));
    }

    public function plus(self $other): self
    {
        return new self(
            $this->expectedStrain + $other->expectedStrain,
            $this->strain + $other->strain,
            $this->expectedReaction + $other->expectedReaction,
            $this->reactions + $other->reactions,
            $this->forecasts + $other->forecasts,
        );
    }

    /** k_3 = min(1, (E_3 + 1)/(O_3 + 1)): more strain than foretold tightens, less never loosens. */
    public function strainFactor(): float
    {
        return min(1.0, ($this->expectedStrain + 1.0) / ($this->strain + 1.0));
    }

    /** k_4 = min(1, (E_4 + ½)/(O_4 + ½)). */
    public function reactionFactor(): float
    {
        return min(1.0, ($this->expectedReaction + 0.5) / ($this->reactions + 0.5));
    }

    /** Whether this dog does not follow the model: then bounds are widened too, and nothing is skipped. */
    public function isOff(): bool
    {
        return min($this->strainFactor(), $this->reactionFactor()) < self::OFF;
    }

    public function tighten(RiskCaps $caps): RiskCaps
    {
        return $caps->scaled($this->strainFactor(), $this->reactionFactor());
    }
}
