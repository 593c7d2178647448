<?php

declare(strict_types=1);

namespace Core\Response;

/** The value of one measured dimension at which a dog reaches the accepted risk, with the range the model leaves open. */
final readonly class Threshold
{
    /**
     * @param  ?float  $point  at the most likely parameters, in the dimension's unit; null if beyond its easiest end
     * @param  float  $hardest  80 % sure that the threshold is not harder than this
     * @param  ?float  $easiest  80 % sure that it is not easier; null if no value is easy enough
     * @param  ?float  $allowed  up to here the guard agrees, which wants to be surer; null if it agrees nowhere
     * @param  bool  $reactionBinds  whether the reaction limit decides at the easy end, not the strain limit
     */
    public function __construct(
        public ?float $point, public float $hardest, public ?float $easiest, public ?float $allowed, public bool $reactionBinds,
    ) {
    }
}
