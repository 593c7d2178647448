<?php

declare(strict_types=1);

namespace Core\Wearing;

/** An item worn once. */
final readonly class Wearing
{
    /** @param  int  $seconds  from fastened to off */
    public function __construct(
        public \DateTimeImmutable $startedAt, public int $seconds, public WearingSituation $situation, public Movement $movement,
    ) {
    }
}
