<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/**
 * Upset carried over from earlier events, U = Σ severity·2^(−hours/24).
 *
 * A working guess (common practice): severity 1 is a small fright, 4 a fight or a forced exposure.
 */
final readonly class CarryOver
{
    public const HALF_LIFE_HOURS = 24.0;

    /** Hours after which an upset has faded to nothing worth a look: a thirtieth of a point of the worst. */
    public const WINDOW_HOURS = 168;

    /** The worst there is: a bite, a fight, a forced exposure. */
    public const MAX_SEVERITY = 4;

    private const REST_OVER = 2.0;

    private const EASIER_FROM = 1.0;

    private const TOLD_FROM = 0.1;

    private function __construct(public float $upset)
    {
    }

    public static function none(): self
    {
        return new self(0.0);
    }

    /** As worked out before. */
    public static function points(float $upset): self
    {
        return new self(max(0.0, $upset));
    }

    /**
     * @param  list<array{severity: float, at: \DateTimeImmutable}>  $events  those after now are left out
     *
     * @throws InvalidMeasure if a severity is not 0 to 4
     */
    public static function of(array $events, \DateTimeImmutable $now): self
    {
        $upset = 0.0;
        foreach ($events as $event) {
            if (! ($event['severity'] >= 0.0 && $event['severity'] <= self::MAX_SEVERITY)) {
                throw InvalidMeasure::outOfRange(Quantity::Severity, $event['severity'], 0, self::MAX_SEVERITY);
            }
            $hours = ($now->getTimestamp() - $event['at']->getTimestamp()) / 3600.0;
            $upset += $hours < 0.0 ? 0.0 : $event['severity'] * 2.0 ** (-$hours / self::HALF_LIFE_HOURS);
        }

        return new self($upset);
    }

    /** Whether anything is left of it that a person would notice. */
    public function isWorthTelling(): bool
    {
        return $this->upset >= self::TOLD_FROM;
    }

    /** Whether a day of rest is suggested. */
    public function asksForRest(): bool
    {
        return $this->upset > self::REST_OVER;
    }

    /** Hours until no rest is suggested any more: 24 for an upset of 4, 0 for one of 2. */
    public function restHours(): float
    {
        return $this->asksForRest() ? self::HALF_LIFE_HOURS * log($this->upset / self::REST_OVER, 2.0) : 0.0;
    }

    /** Whether the start should be easier than the calendar alone would have it. */
    public function asksForEasier(): bool
    {
        return $this->upset >= self::EASIER_FROM;
    }
}
