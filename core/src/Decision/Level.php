<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\Exposure;

/** What a trial aims at: an exposure, and the step of the ladder it stands on or was split or eased from. */
final readonly class Level
{
    /** @param  non-negative-int  $step index in the ladder */
    public function __construct(public int $step, public Exposure $exposure)
    {
    }

    public function equals(self $other): bool
    {
        return $this->step === $other->step && $this->exposure->equals($other->exposure);
    }
}
