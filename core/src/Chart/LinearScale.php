<?php

declare(strict_types=1);

namespace Core\Chart;

/** Maps a domain onto a range by a straight line; a domain without width maps to the middle of the range. */
final readonly class LinearScale
{
    public function __construct(
        private float $domainFrom,
        private float $domainTo,
        private float $rangeFrom,
        private float $rangeTo,
    ) {
    }

    public function map(float $value): float
    {
        return $this->domainFrom === $this->domainTo
            ? ($this->rangeFrom + $this->rangeTo) / 2.0
            : $this->rangeFrom + ($value - $this->domainFrom) / ($this->domainTo - $this->domainFrom) * ($this->rangeTo - $this->rangeFrom);
    }
}
