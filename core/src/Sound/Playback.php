<?php

declare(strict_types=1);

namespace Core\Sound;

/** One sound as a player is to play it. */
final readonly class Playback
{
    /**
     * @param  ?float  $fraction  of the player's full scale; null if it may not or cannot be played so
     * @param  float  $onset  in seconds until it is at its level, rising evenly in decibels; within its length
     */
    public function __construct(public ?float $fraction, public float $seconds, public float $onset)
    {
    }
}
