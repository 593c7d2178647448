<?php

declare(strict_types=1);

namespace Core\Yard;

use Core\Sign\Band;

/**
 * How a drawn dog stands: all that a learner sees of it. Each from 0, loose, to 1.
 *
 * What somebody who reads every part alike would call it is band(): the mean of the parts, in five ranges.
 */
final readonly class Posture
{
    public const PARTS = ['ears', 'brow', 'mouth', 'tail', 'weight', 'gaze'];

    /** Arousal at which each band begins. */
    public const BANDS = [0.2, 0.4, 0.6, 0.8];

    public function __construct(
        public float $ears, public float $brow, public float $mouth, public float $tail, public float $weight, public float $gaze,
    ) {
    }

    public function band(): Band
    {
        return self::bandOf(($this->ears + $this->brow + $this->mouth + $this->tail + $this->weight + $this->gaze) / 6.0);
    }

    public static function bandOf(float $arousal): Band
    {
        return Band::from(count(array_filter(self::BANDS, static fn (float $from): bool => $arousal >= $from)));
    }

    /** @return array<string, float> */
    public function toArray(): array
    {
        return [
            'ears' => round($this->ears, 3), 'brow' => round($this->brow, 3), 'mouth' => round($this->mouth, 3),
            'tail' => round($this->tail, 3),
            'weight' => round($this->weight, 3), 'gaze' => round($this->gaze, 3),
        ];
    }
}
