<?php

declare(strict_types=1);

namespace Core\Sign;

/** How long the dog took to turn back, as a quick pick where no timer ran. */
enum TurnLatency: string
{
    case UnderOne = 'under_1';
    case OneToTwo = '1_2';
    case TwoToFive = '2_5';
    case OverFive = 'over_5';
    case Never = 'never';

    public static function fromSeconds(float $seconds): self
    {
        return match (true) {
            $seconds < 1.0 => self::UnderOne,
            $seconds <= 2.0 => self::OneToTwo,
            $seconds <= 5.0 => self::TwoToFive,
            default => self::OverFive,
        };
    }

    /** The middle of a quick pick, for medians beside timed ones; null where it never turned. A working value. */
    public function seconds(): ?float
    {
        return match ($this) {
            self::UnderOne => 0.6,
            self::OneToTwo => 1.5,
            self::TwoToFive => 3.5,
            self::OverFive => 7.0,
            self::Never => null,
        };
    }

    /** Over 2 s is a sign: slow to turn to the marker. */
    public function asSign(): ?SignKey
    {
        return match ($this) {
            self::UnderOne, self::OneToTwo => null,
            self::TwoToFive, self::OverFive => SignKey::SlowToTurn,
            self::Never => SignKey::MarkIgnored,
        };
    }
}
