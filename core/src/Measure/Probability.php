<?php

declare(strict_types=1);

namespace Core\Measure;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** The chance that something happens in one trial, 0 to 1. */
final readonly class Probability implements \JsonSerializable
{
    /** What a logit is taken of at the ends, where it has none. */
    private const HAIR = 1e-12;

    private function __construct(public float $value)
    {
    }

    /** @throws InvalidMeasure if it is not 0 to 1 */
    public static function of(float $value): self
    {
        return $value >= 0.0 && $value <= 1.0
            ? new self($value)
            : throw InvalidMeasure::outOfRange(Quantity::Probability, $value, 0.0, 1.0);
    }

    public static function fromLogit(float $logit): self
    {
        return new self(Logistic::probability($logit));
    }

    /**
     * Mean of the chance where its logit is Normal(mean, sd²).
     *
     * @param  float  $sd  not under 0
     */
    public static function meanFromLogit(float $mean, float $sd): self
    {
        return new self(min(1.0, Logistic::mean($mean, $sd)));
    }

    /** ln(p / (1 − p)); at 0 and 1 that of a hair inside. */
    public function toLogit(): float
    {
        return Logistic::logit(min(max($this->value, self::HAIR), 1.0 - self::HAIR));
    }

    /** So many times as likely, at most certain. */
    public function times(float $factor): self
    {
        return self::of(min(1.0, $factor * $this->value));
    }

    public function isOver(self $other): bool
    {
        return $this->value > $other->value;
    }

    public function larger(self $other): self
    {
        return $this->isOver($other) ? $this : $other;
    }

    /** The plain number, so that stored risks read 0.013. */
    public function jsonSerialize(): float
    {
        return $this->value;
    }
}
