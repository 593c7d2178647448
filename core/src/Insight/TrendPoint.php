<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Response\Threshold;

/** The limit as of one session. */
final readonly class TrendPoint
{
    public function __construct(public \DateTimeImmutable $at, public Threshold $limit)
    {
    }
}
