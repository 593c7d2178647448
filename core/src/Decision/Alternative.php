<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\DimensionChange;

/** Something other than distance that the handler could change, with the load it is predicted to take off. */
final readonly class Alternative
{
    /** @param  int  $helped  times that it helped this dog before */
    public function __construct(public Level $level, public DimensionChange $change, public float $logitsOff, public int $helped = 0)
    {
    }
}
