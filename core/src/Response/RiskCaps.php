<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;
use Core\Measure\Probability;

/** The risks a plan accepts per trial; never looser than 10 % strain and 2 % reaction. */
final readonly class RiskCaps
{
    private const LOOSEST_STRAIN = 0.10;

    private const LOOSEST_REACTION = 0.02;

    private function __construct(public Probability $strain, public Probability $reaction)
    {
    }

    /** @throws InvalidMeasure if a limit is not positive or looser than 10 % and 2 % */
    public static function of(float $strain, float $reaction): self
    {
        if (! ($strain > 0.0 && $strain <= self::LOOSEST_STRAIN)) {
            throw InvalidMeasure::outOfRange(Quantity::StrainCap, 100 * $strain, 0.01, 10);
        }
        if (! ($reaction > 0.0 && $reaction <= self::LOOSEST_REACTION)) {
            throw InvalidMeasure::outOfRange(Quantity::ReactionCap, 100 * $reaction, 0.01, 2);
        }

        return new self(Probability::of($strain), Probability::of($reaction));
    }

    /** Product default: of a trial that is struggling or worse, and of a reaction. Measured on simulated dogs (bench/policies). */
    public static function usual(): self
    {
        return self::of(0.05, 0.01);
    }

    /** For a bite history, hidden signs, or children near. */
    public static function cautious(): self
    {
        return self::of(0.03, 0.005);
    }

    /** By whether the dog, or whoever plans for it, asks for caution. */
    public static function for(bool $isCautious): self
    {
        return $isCautious ? self::cautious() : self::usual();
    }

    public function allow(Risk $risk): bool
    {
        return ! $risk->strain()->isOver($this->strain) && ! $risk->reaction()->isOver($this->reaction);
    }

    /** These times a factor each, never looser than the loosest: for a dog that follows its forecasts worse, or better, than others. */
    public function scaled(float $strain, float $reaction): self
    {
        return new self(
            Probability::of(min(self::LOOSEST_STRAIN, $strain * $this->strain->value)),
            Probability::of(min(self::LOOSEST_REACTION, $reaction * $this->reaction->value)),
        );
    }

    /** How far beyond the tighter limit, in logits; negative inside. */
    public function excess(Risk $risk): float
    {
        return max($this->strainExcess($risk), $this->reactionExcess($risk));
    }

    /** Whether the reaction limit, not the strain limit, is the one that binds. */
    public function reactionBinds(Risk $risk): bool
    {
        return $this->reactionExcess($risk) >= $this->strainExcess($risk);
    }

    private function strainExcess(Risk $risk): float
    {
        return $risk->strain()->toLogit() - $this->strain->toLogit();
    }

    private function reactionExcess(Risk $risk): float
    {
        return $risk->reaction()->toLogit() - $this->reaction->toLogit();
    }
}
