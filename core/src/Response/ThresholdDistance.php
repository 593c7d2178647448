<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Measure\Distance;

/** The distance at which a dog reaches the accepted risk, with the range the model leaves open. */
final readonly class ThresholdDistance
{
    /**
     * @param  ?Distance  $point  at the most likely parameters; null if beyond 500 m
     * @param  Distance  $nearest  80 % sure that the threshold is not nearer than this
     * @param  ?Distance  $farthest  80 % sure that it is not farther; null if there is none within 500 m
     * @param  bool  $reactionBinds  whether the reaction limit decides at the far end, not the strain limit
     */
    public function __construct(public ?Distance $point, public Distance $nearest, public ?Distance $farthest, public bool $reactionBinds)
    {
    }
}
