<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exposure\Exposure;

/** One level of a ladder: an exposure that fixes every dimension in play, the criterion for leaving it, and how it is done. */
final readonly class Step
{
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
