<?php

declare(strict_types=1);

namespace Core\Marking;

/** One moment of a round. */
final readonly class Episode
{
    /**
     * @param  int  $comes  when it can be seen to come, milliseconds from the start of the round; at most $from
     * @param  int  $from  when it begins
     * @param  int  $until  when it is over; after $from
     * @param  ?Tap  $wants  what is right to do; null where nothing is
     * @param  float  $amount  how far the head bobs with it, 0 to 1
     */
    public function __construct(
        public Act $act, public int $comes, public int $from, public int $until, public ?Tap $wants, public float $amount = 0.0,
    ) {
    }

    public function isOn(int $at): bool
    {
        return $at >= $this->from && $at <= $this->until;
    }
}
