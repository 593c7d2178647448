<?php

declare(strict_types=1);

namespace Core\Sound;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;
use Core\Exposure\DimensionKey;
use Core\Measure\LevelScale;
use Core\Measure\SoundLevel;

/**
 * A linear player at its place, and what it may do: the level at the dog follows from one measurement at a known share of its full
 * scale (20·log10 of the share), as long as neither the player's own volume nor its place changes.
 */
final readonly class Player
{
    /** Seconds of a swelling sound until it is as loud as asked, unless the plan says otherwise. */
    public const ONSET_SECONDS = 2.0;

    /** Seconds of the usual onset, and of one that is sudden: not a click of the loudspeaker all the same. */
    private const USUAL_ONSET = 0.3;

    private const SUDDEN_ONSET = 0.02;

    private const USUAL_LENGTH = 3.0;

    /** Under this share a player's own noise and rounding are louder than the sound. */
    private const MIN_SHARE = 0.0003;

    private function __construct(public LevelScale $scale, public float $fullScale, public float $ceiling, private float $onset)
    {
    }

    /**
     * @param  float  $level  in dB(A), read at the dog's place
     * @param  float  $fraction  of the player's full scale at which it was read, over 0 to 1
     * @param  float  $ceiling  in dB(A) at the dog
     *
     * @throws InvalidMeasure if the reading is not 20 to 110 dB(A), the fraction not over 0 to 1, or the onset not 0.1 to 30 s
     */
    public static function measured(
        LevelScale $scale, float $level, float $fraction, float $ceiling, float $onset = self::ONSET_SECONDS,
    ): self {
        if (! ($level >= 20.0 && $level <= 110.0)) {
            throw InvalidMeasure::outOfRange(Quantity::LevelRead, $level, 20, 110);
        }

        return new self($scale, $level - SoundLevel::gain($fraction), $ceiling, self::onset($onset));
    }

    /** Nobody measured it: its full scale stands for itself, and no ceiling can be kept but that. */
    public static function unmeasured(float $onset = self::ONSET_SECONDS): self
    {
        return new self(LevelScale::ofPlayer(), LevelScale::NOMINAL_FULL, LevelScale::NOMINAL_FULL, self::onset($onset));
    }

    /**
     * The share of its full scale that gives a level, as kept; null if that is over the ceiling, over what it can do, or under what it can
     * do cleanly.
     */
    public function fraction(float $kept): ?float
    {
        $level = $this->scale->isMeasured ? $this->scale->toDisplayed($kept) : $kept;
        $fraction = SoundLevel::fraction($level - $this->fullScale);

        return $level > $this->ceiling + 1e-6 || $fraction > 1.0 + 1e-9 || $fraction < self::MIN_SHARE ? null : min(1.0, $fraction);
    }

    /**
     * How an exposure is played.
     *
     * @param  array<string, float|string>  $values  of the exposure, by the keys of sound plans' dimensions
     * @return ?Playback null where there is nothing to play: the real thing, or no level
     */
    public function playback(array $values): ?Playback
    {
        $level = $values[DimensionKey::Level->value] ?? null;
        if (! is_float($level) || ($values[DimensionKey::Source->value] ?? 'recording') === 'live') {
            return null;
        }
        $seconds = max(0.2, (float) ($values[DimensionKey::Length->value] ?? self::USUAL_LENGTH));

        return new Playback($this->fraction($level), $seconds, match ($values[DimensionKey::Suddenness->value] ?? 'usual') {
            // a short sound still has a moment at its full level
            'swelling' => min($this->onset, 0.8 * $seconds),
            'at_once' => self::SUDDEN_ONSET,
            default => self::USUAL_ONSET,
        });
    }

    /** @throws InvalidMeasure */
    private static function onset(float $seconds): float
    {
        return $seconds >= 0.1 && $seconds <= 30.0 ? $seconds : throw InvalidMeasure::outOfRange(Quantity::Onset, $seconds, 0.1, 30);
    }
}
