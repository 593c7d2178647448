<?php

declare(strict_types=1);

namespace App\Engine;

use Core\Decision\Advice;
use Core\Exposure\DimensionCatalog;

/** What a plan would start with today, and how far its ladder has come. */
final readonly class PlanStart
{
    /**
     * @param  int  $solid  index of the hardest solid step; −1 for none
     * @param  positive-int  $steps  of the ladder
     */
    public function __construct(public Advice $advice, public DimensionCatalog $catalog, public int $solid, public int $steps)
    {
    }
}
