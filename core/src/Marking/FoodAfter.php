<?php

declare(strict_types=1);

namespace Core\Marking;

/** When the food came after a mark. */
enum FoodAfter: string
{
    /** Under a second: the hand went first. */
    case HandFirst = 'hand_first';
    case InTime = 'in_time';
    case Late = 'late';
    case None = 'none';

    private const SOONEST = 1000;

    private const LATEST = 4000;

    /** @param  ?int  $milliseconds  from the mark; null where none came */
    public static function of(?int $milliseconds): self
    {
        return match (true) {
            $milliseconds === null => self::None,
            $milliseconds < self::SOONEST => self::HandFirst,
            $milliseconds <= self::LATEST => self::InTime,
            default => self::Late,
        };
    }
}
