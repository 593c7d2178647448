<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\LoadScale;

/** Where an earlier fit of the same model ended: the next one starts there, if its parameters mean the same. */
final readonly class WarmStart
{
    /**
     * @param  list<string>  $dimensions  keys, in the order of their slopes
     * @param  list<float>  $theta
     */
    public function __construct(private array $dimensions, private array $theta)
    {
    }

    /** Null where the scale has other dimensions. */
    public function for(LoadScale $scale): ?Parameters
    {
        return $this->theta === [] || $this->dimensions !== $scale->keys() ? null : new Parameters($this->theta, [], 4);
    }
}
