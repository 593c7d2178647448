<?php

declare(strict_types=1);

namespace Core\Marking;

/** What is practiced, in the order in which it is learned. */
enum Drill: string
{
    case Line = 'line';
    case Palm = 'palm';
    case TouchThenEyes = 'touch_then_eyes';
    case HalfTouches = 'half_touches';
    case LickAmong = 'lick_among';
    case StillLick = 'still_lick';
    case TwoUnpaid = 'two_unpaid';
    case StillHand = 'still_hand';
    case Mistaken = 'mistaken';
    case Leash = 'leash';
    case LookThenTurn = 'look_then_turn';
    case Settling = 'settling';
    case WordOrClicker = 'word_or_clicker';
    case Unanswered = 'unanswered';

    /** Shares on the behavior from which the next one is proposed. A working value. */
    public const LEARNED = 0.8;

    /** Episodes to mark in a round. */
    public function asks(): int
    {
        return $this === self::StillLick ? 30 : 12;
    }

    /** Whether food is given by the learner, and its time told. */
    public function isFed(): bool
    {
        return in_array($this, [self::StillHand, self::Mistaken, self::Leash, self::TwoUnpaid, self::Unanswered, self::Settling], true);
    }

    /** Whether there are things like it that are not to be marked. */
    public function isGoNoGo(): bool
    {
        return in_array($this, [
            self::Line, self::Palm, self::HalfTouches, self::LickAmong, self::StillLick, self::Mistaken, self::WordOrClicker,
        ], true);
    }

    /** @return list<Tap> that it needs */
    public function taps(): array
    {
        return [
            ...($this === self::Settling ? [] : [Tap::Mark]), ...($this->isFed() ? [Tap::Food] : []), ...match ($this) {
                self::TwoUnpaid => [Tap::Easier, Tap::Back],
                self::Unanswered => [Tap::Easier],
                self::Leash => [Tap::Leash, Tap::Step],
                // marking is possible, and costs
                self::Settling => [Tap::Mark],
                default => [],
            },
        ];
    }

    public function next(): ?self
    {
        return self::cases()[(int) array_search($this, self::cases(), true) + 1] ?? null;
    }
}
