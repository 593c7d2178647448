<?php

declare(strict_types=1);

namespace Core\Field;

use Core\Exception\ErrorCode;

/**
 * A place seen from above, in meters from the dog: the path of the trigger runs from side to side at a distance ahead, seen through a
 * gap between two obstacles; cover to turn to, an exit to step aside to.
 */
final readonly class Layout
{
    private const MAX_METERS = 500.0;

    /**
     * @param  float  $path  distance of the path, ahead
     * @param  float  $left  edge of the gap, to the side; negative is left
     * @param  float  $right  its other edge
     * @param  float  $depth  of the gap, ahead
     * @param  float  $cover  meters back to cover
     * @param  float  $exit  meters of room to the side
     */
    private function __construct(
        public float $path, public float $left, public float $right, public float $depth, public float $cover, public float $exit,
    ) {
    }

    /**
     * @param  array<string, float>  $meters  path, left, right, depth, cover, exit
     *
     * @throws InvalidLayout naming the field at fault
     */
    public static function of(array $meters): self
    {
        foreach ([
            'path' => 0.5, 'left' => -self::MAX_METERS, 'right' => -self::MAX_METERS, 'depth' => 0.1, 'cover' => 0.0, 'exit' => 0.1,
        ] as $field => $least) {
            $value = $meters[$field] ?? NAN;
            if (! ($value >= $least && $value <= self::MAX_METERS)) {
                throw $field === 'path' && $value < $least
                    ? InvalidLayout::at('path', ErrorCode::PathThroughDog)
                    : InvalidLayout::at($field, ErrorCode::LengthOutOfRange, least: $least, most: self::MAX_METERS);
            }
        }
        if ($meters['depth'] >= $meters['path']) {
            throw InvalidLayout::at('depth', ErrorCode::GapBehindTrigger);
        }
        if ($meters['right'] - $meters['left'] < 0.1) {
            throw InvalidLayout::at('right', ErrorCode::GapTurned);
        }

        return new self($meters['path'], $meters['left'], $meters['right'], $meters['depth'], $meters['cover'], $meters['exit']);
    }

    /** A place to begin a sketch from. */
    public static function usual(float $path = 30.0): self
    {
        return new self($path, -3.0, 3.0, $path / 3.0, 8.0, 10.0);
    }

    /** @return array<string, float> */
    public function values(): array
    {
        return [
            'path' => $this->path, 'left' => $this->left, 'right' => $this->right, 'depth' => $this->depth, 'cover' => $this->cover,
            'exit' => $this->exit,
        ];
    }
}
