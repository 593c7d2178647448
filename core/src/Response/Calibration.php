<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Measure\Probability;
use Core\Sign\Band;

/**
 * What was foretold of a dog's latest trials against what came: where strain or reactions came more often, the caps are tighter for this
 * dog, and where they came less often slowly looser. A dog without small signs before a reaction shows itself here.
 */
final readonly class Calibration
{
    /** Forecasts that count, the newest. */
    public const WINDOW = 120;

    /** Logits from one cut point to the next: the mean of the priors' three. */
    public const BAND_WIDTH = 5.0 / 3.0;

    /** Under this factor the dog does not follow the model. */
    private const OFF = 0.5;

    /** A cap is never more than so many times what was chosen. A working value. */
    private const MOST_LOOSER = 1.5;

    /** Events foretold and not come that count as much as what was believed before. A working value. */
    private const SLOWLY = 4.0;

    /** Events that count as much as what was believed before, in what is told. A working value, from simulated dogs. */
    private const TOLD = 2.0;

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

    /**
     * With one more trial and what was foretold of it.
     *
     * @param  float  $stricter  bands by which whoever graded it is known to grade harder: so much more strain is to be expected of them; a
     *    reaction is one to anybody
     */
    public function with(Risk $forecast, Band $band, float $stricter = 0.0): self
    {
        $strain = $stricter === 0.0
            ? $forecast->strainMean
            : Probability::fromLogit($forecast->strainMean->toLogit() + $stricter * self::BAND_WIDTH);

        return $this->plus(new self(
            $strain->value, $band->atLeast(Band::Strain) ? 1 : 0, $forecast->reactionMean->value, $band === Band::Over ? 1 : 0, 1,
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

    /** (E_3 + 1)/(O_3 + 1) where more came than was foretold: it tightens at once. Where less came it loosens, slowly. */
    public function strainFactor(): float
    {
        return self::factor($this->expectedStrain, $this->strain, 1.0);
    }

    /** The same of reactions, with ½ in the place of 1. */
    public function reactionFactor(): float
    {
        return self::factor($this->expectedReaction, $this->reactions, 0.5);
    }

    /**
     * A forecast as it is told: strain put right by t = (O_3 + 2)/(E_3 + 2), a reaction by (O_4 + 2·min(1, t))/(E_4 + 2). Reactions are so
     * rare that where less strain came they are taken to come less too; where more came, only what came of them says more. Rules judge by
     * the forecast itself and put their caps right instead, more slowly where less came.
     */
    public function told(Risk $forecast): Risk
    {
        $strain = ($this->strain + self::TOLD) / ($this->expectedStrain + self::TOLD);
        $reaction = ($this->reactions + self::TOLD * min(1.0, $strain)) / ($this->expectedReaction + self::TOLD);

        return new Risk(
            $forecast->strainMean->times($strain), $forecast->strainBound->times($strain),
            $forecast->reactionMean->times($reaction), $forecast->reactionBound->times($reaction),
        );
    }

    /** Whether this dog does not follow the model: then bounds are widened too, and nothing is skipped. */
    public function isOff(): bool
    {
        return min($this->strainFactor(), $this->reactionFactor()) < self::OFF;
    }

    private static function factor(float $expected, int $came, float $prior): float
    {
        return $came > $expected
            ? ($expected + $prior) / ($came + $prior)
            : min(self::MOST_LOOSER, ($expected + self::SLOWLY) / ($came + self::SLOWLY));
    }

    /** A plan's caps for this dog. */
    public function applied(RiskCaps $caps): RiskCaps
    {
        return $caps->scaled($this->strainFactor(), $this->reactionFactor());
    }
}
