<?php

declare(strict_types=1);

namespace Core\Decision;

/** Something other than distance that the handler could change, with the load it is predicted to take off. */
final readonly class Alternative
{
    public function __construct(public Level $level, public string $change, public float $logitsOff)
    {
    }
}
