<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Response\Threshold;

/**
 * What one session adds to a trend: how well each way of looking back had foretold it, and the limit after it. It rests on its window of
 * sessions alone, so it can be kept.
 */
final readonly class TrendPart
{
    /**
     * @param  array<string, array{log: float, trials: int}>  $foretold  by method: summed log probability given to what came; empty where
     *    too little came before
     * @param  array<string, Threshold>  $limits  by method, but for the line, which is drawn through all sessions at once
     */
    public function __construct(public array $foretold, public array $limits)
    {
    }
}
