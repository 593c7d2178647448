<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\Exposure;

/** An exposure as a reason names it: without what goes without saying in this plan. */
final readonly class ToldExposure
{
    /** @param  list<string>  $unsaid  dimension keys */
    public function __construct(public Exposure $exposure, public array $unsaid = [])
    {
    }
}
