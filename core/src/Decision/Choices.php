<?php

declare(strict_types=1);

namespace Core\Decision;

/** Where good practitioners differ, as a plan's practice does it; the keys are those of core/data/methods.json. */
final readonly class Choices
{
    /**
     * @param  bool  $startsWhereItEnded  whether the next session begins where the last one ended, not easier
     * @param  bool  $pausesAtSmallSigns  whether a first small sign asks for a pause
     * @param  bool  $feedsWhenOver  whether a dog that is over is fed at once, while it is led away
     * @param  bool  $isRationEarned  whether all of its food comes with the work
     */
    public function __construct(
        public StepSize $stepSize = StepSize::Ratio,
        public bool $startsWhereItEnded = false,
        public bool $pausesAtSmallSigns = true,
        public bool $feedsWhenOver = false,
        public bool $isRationEarned = false,
    ) {
    }

    /** @param  \Closure(string): string  $chosen  the option chosen for a key; empty for the usual one */
    public static function of(\Closure $chosen, bool $isRationEarned = false): self
    {
        return new self(
            StepSize::tryFrom($chosen('step_size')) ?? StepSize::Ratio, $chosen('next_start') === 'where_ended',
            $chosen('small_signs') !== 'carry_on', $chosen('food_when_over') === 'feed_at_once', $isRationEarned,
        );
    }
}
