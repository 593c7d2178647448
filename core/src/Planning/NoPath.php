<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Exposure\Dimension;

/** No ladder leads to the goal in small steps: why, and what would open one. */
final readonly class NoPath
{
    /**
     * @param  ?string  $dimension  key of the one at fault
     * @param  ?float  $room  value of the measure that the place would have to allow
     * @param  ?float  $rise  logits between two neighboring values
     * @param  ?float  $most  logits that a step may rise with everything that may pay for it
     * @param  float|string|null  $easier  value of the dimension
     * @param  float|string|null  $harder  its neighbor
     * @param  bool  $mayEase  whether a measure moves that could ease first
     */
    private function __construct(
        public NoPathReason $why,
        public ?string $dimension = null,
        public ?float $room = null,
        public ?float $rise = null,
        public ?float $most = null,
        public float|string|null $easier = null,
        public float|string|null $harder = null,
        public bool $mayEase = false,
    ) {
    }

    /** @param  float  $value  of the measure that the place would have to allow */
    public static function withMoreRoom(Dimension $measure, float $value): self
    {
        return new self(NoPathReason::PlaceTooSmall, dimension: $measure->key, room: $value);
    }

    public static function between(
        Dimension $dimension, float $rise, float|string $easier, float|string $harder, float $most, ?Dimension $measure,
    ): self {
        return new self(
            NoPathReason::StepTooHigh, dimension: $dimension->key, rise: $rise, most: $most, easier: $easier, harder: $harder,
            mayEase: $measure !== null,
        );
    }

    public static function nothingMoves(): self
    {
        return new self(NoPathReason::NothingMoves);
    }
}
