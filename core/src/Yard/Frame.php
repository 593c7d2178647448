<?php

declare(strict_types=1);

namespace Core\Yard;

use Core\Sign\Band;

/** One moment of a run, on the path or at the hands' station. */
final readonly class Frame
{
    /**
     * @param  int  $at  milliseconds
     * @param  float  $along  meters of the trigger along its path, 0 nearest
     * @param  float  $stand  meters from the path to the dog, or from the hand to it
     * @param  float  $arousal  what it feels: 0 to 1 and beyond
     * @param  bool  $isAway  out of sight; at the station: the dog has left it
     * @param  bool  $looksBack  it has just turned to its handler, or holds still under the hand: that is what to mark
     * @param  bool  $isLoading  ears and brow before anything else; under a hand it leans away
     */
    public function __construct(
        public int $at, public int $pass, public float $along, public float $stand, public float $arousal, public Posture $posture,
        public bool $isAway, public bool $looksBack, public bool $isLoading, public bool $isOver, public bool $answered, public bool $ate,
    ) {
    }

    public function meters(): float
    {
        return hypot($this->along, $this->stand);
    }

    public function band(): Band
    {
        return $this->isOver ? Band::Over : Posture::bandOf($this->arousal);
    }
}
