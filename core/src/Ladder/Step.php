<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;

/** One level of a ladder: an exposure that fixes every dimension in play, the criterion for leaving it, and how it is done. */
final readonly class Step
{
    /** Seconds of holding that a session has time for; a criterion that asks more is counted over sessions. Common practice. */
    public const SECONDS_A_SESSION = 300.0;

    public Manner $manner;

    public function __construct(public Exposure $exposure, public Criterion $criterion, ?Manner $manner = null)
    {
        $this->manner = $manner ?? Manner::plain();
    }

    public function equals(self $other): bool
    {
        return $this->exposure->equals($other->exposure)
            && $this->criterion->equals($other->criterion)
            && $this->manner->equals($other->manner);
    }

    /** Whether no session has time for what its criterion asks: five times ten minutes in a muzzle are five days. */
    public function isCountedOverSessions(): bool
    {
        $seconds = (float) ($this->exposure->values[DimensionKey::Duration->value] ?? 0.0);

        return $seconds * ($this->criterion->window ?? $this->criterion->successes) > self::SECONDS_A_SESSION;
    }

    /** The same way of working at another exposure. */
    public function at(Exposure $exposure): self
    {
        return new self($exposure, $this->criterion, $this->manner);
    }

    /** A step on the way to this one: easier, done the same. */
    public function toward(Exposure $exposure): self
    {
        return new self($exposure, $this->criterion, $this->manner->toward());
    }
}
