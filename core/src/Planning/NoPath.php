<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Exposure\Dimension;

/** No ladder leads to the goal in small steps: why, and what would open one. */
final readonly class NoPath
{
    private function __construct(public string $why, public string $opens)
    {
    }

    /** @param  float  $value  of the measure that the place would have to allow */
    public static function withMoreRoom(Dimension $measure, float $value): self
    {
        return new self(
            'The place is too small: there is no room to ease before a harder thing.',
            sprintf('Room to start again from %s %s would open one.', round($value, 1), (string) $measure->unit),
        );
    }

    /**
     * @param  float  $rise  logits between the two neighboring values
     * @param  float  $most  logits that a step may rise with everything that may pay for it
     */
    public static function between(Dimension $dimension, float $rise, float|string $easier, float|string $harder, float $most, ?Dimension $measure): self
    {
        $name = static fn (float|string $value): string => is_string($value) ? $dimension->choice($value)->label : (string) round($value, 1);

        return new self(
            sprintf('From "%s" to "%s" (%s) is %.1f logits; a step takes %.1f at most.', $name($easier), $name($harder), $dimension->label, $rise, $most),
            $measure === null ? 'Let the distance, gap, level or time move too, so that it can ease first.' : sprintf('A value between the two, or a finer grid of %s, would open one.', $dimension->label),
        );
    }

    public static function nothingMoves(): self
    {
        return new self('Nothing gets harder between the start and the goal.', 'Choose a harder goal, or let another dimension move.');
    }
}
