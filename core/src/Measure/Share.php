<?php

declare(strict_types=1);

namespace Core\Measure;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** Part of a whole, 0 to 1: of a variance that is left, of a ladder that is solid, of a pass that is too near. */
final readonly class Share implements \JsonSerializable
{
    private function __construct(public float $value)
    {
    }

    /** @throws InvalidMeasure if it is not 0 to 1 */
    public static function of(float $value): self
    {
        return $value >= 0.0 && $value <= 1.0 ? new self($value) : throw InvalidMeasure::outOfRange(Quantity::Share, $value, 0.0, 1.0);
    }

    /** Of a quotient that rounding may carry a hair over its ends. */
    public static function clamped(float $value): self
    {
        return new self(min(1.0, max(0.0, $value)));
    }

    public function isWhole(): bool
    {
        return $this->value >= 1.0;
    }

    public function asPercent(): float
    {
        return 100.0 * $this->value;
    }

    public function jsonSerialize(): float
    {
        return $this->value;
    }
}
