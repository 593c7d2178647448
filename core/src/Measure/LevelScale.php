<?php

declare(strict_types=1);

namespace Core\Measure;

/**
 * How the levels of one dog's sound are told. A level is kept on a scale that is fixed for the model's life, like the reference
 * distance: in dB(A) at the dog where a meter came first, else in decibels under a player's full scale. Measuring later moves what
 * is shown, never what was kept.
 */
final readonly class LevelScale
{
    /** What the full scale of a player that nobody measured is kept as, in place of dB(A). */
    public const NOMINAL_FULL = SoundLevel::USUAL_CEILING;

    /** Decibels that a ladder of rounded levels may miss its ceiling by. */
    private const ROUNDING = 0.05;

    private function __construct(public bool $isMeasured, private float $shift)
    {
    }

    /** Levels were kept in dB(A) from the first, or lie so many decibels over what is kept. */
    public static function measured(float $shift = 0.0): self
    {
        return new self(true, $shift);
    }

    /** Nobody knows how loud it is at the dog: only the player's own share can be told. */
    public static function ofPlayer(): self
    {
        return new self(false, 0.0);
    }

    /** In dB(A), or in percent of the player. */
    public function toDisplayed(float $kept): float
    {
        return $this->isMeasured ? $kept + $this->shift : 100.0 * SoundLevel::fraction($kept - self::NOMINAL_FULL);
    }

    /** The level to keep; the inverse of toDisplayed(). A share of nothing counts as a thousandth of a percent. */
    public function toStored(float $shown): float
    {
        return $this->isMeasured ? $shown - $this->shift : self::NOMINAL_FULL + SoundLevel::gain(min(100.0, max($shown, 0.001)) / 100.0);
    }

    /** Whether a level, as kept, is over a ceiling at the dog in dB(A); nobody can tell before somebody has measured. */
    public function isOver(float $kept, float $ceiling): bool
    {
        return $this->isMeasured && $this->toDisplayed($kept) > $ceiling + self::ROUNDING;
    }

    /** @return array{float, float} what may be typed */
    public function range(): array
    {
        return $this->isMeasured ? [20.0, SoundLevel::NEVER_ABOVE] : [0.1, 100.0];
    }
}
