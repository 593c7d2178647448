<?php

declare(strict_types=1);

namespace Core\Field;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;
use Core\Measure\Share;

/**
 * A trigger that passes behind a gap between two obstacles, seen from the dog. The path runs straight, parallel to the gap.
 *
 * Similar triangles: a gap of width b − a at depth g shows w = (b − a)·D/g of a path at distance D; in view for (w + l)/v.
 */
final readonly class GapView
{
    /** Length of a person with a dog. */
    public const USUAL_LENGTH = 2.5;

    /**
     * @param  float  $visible  meters of path that are seen
     * @param  float  $seconds  that any part of the trigger is in view
     */
    private function __construct(
        public float $visible, public float $seconds, private float $distance, private float $depth, private float $speed,
        private float $length,
    ) {
    }

    /**
     * @param  float  $width  of the gap, in meters
     * @param  float  $depth  of the gap from the dog
     * @param  float  $distance  of the path from the dog, farther than the gap
     * @param  float  $speed  of the trigger, in m/s
     * @param  float  $length  of the trigger
     *
     * @throws InvalidMeasure if a measure is out of its range, or the gap is not between dog and path
     */
    public static function through(float $width, float $depth, float $distance, float $speed, float $length = self::USUAL_LENGTH): self
    {
        Measures::meters(Quantity::GapWidth, $width);
        Measures::meters(Quantity::GapDepth, $depth);
        Measures::meters(Quantity::PathDistance, $distance, 0.5);
        if ($depth >= $distance) {
            throw InvalidMeasure::gapBehindPath($depth, $distance);
        }

        return self::of($width * $distance / $depth, $distance, $depth, $speed, $length);
    }

    /**
     * An opening told by its angle from the dog, such as 45°.
     *
     * @param  float  $degrees  from edge to edge, under 180
     *
     * @throws InvalidMeasure if a measure is out of its range
     */
    public static function byAngle(float $degrees, float $distance, float $speed, float $length = self::USUAL_LENGTH): self
    {
        if (! ($degrees > 0.0 && $degrees < 175.0)) {
            throw InvalidMeasure::outOfRange(Quantity::Angle, $degrees, 0.1, 175);
        }
        Measures::meters(Quantity::PathDistance, $distance, 0.5);

        return self::of(2.0 * $distance * tan(deg2rad($degrees / 2.0)), $distance, $distance / 2.0, $speed, $length);
    }

    /**
     * The widest gap at the same depth through which a dog that holds so long never sees more.
     *
     * @param  float  $hold  seconds
     * @return ?float meters; null if even a slit shows the trigger's own length for longer
     */
    public function widestFor(float $hold): ?float
    {
        $width = ($this->speed * Measures::seconds(Quantity::Hold, $hold) - $this->length) * $this->depth / $this->distance;

        return $width > 0.0 ? $width : null;
    }

    /** Share of the visible path that lies inside a limit, the window centered on the nearest point. */
    public function shareWithin(float $limit): Share
    {
        return $limit <= $this->distance ? Share::of(0.0) : Share::clamped(2.0 * sqrt($limit ** 2 - $this->distance ** 2) / $this->visible);
    }

    private static function of(float $visible, float $distance, float $depth, float $speed, float $length): self
    {
        Measures::meters(Quantity::TriggerLength, $length, 0.0);

        return new self(
            $visible, ($visible + $length) / Measures::speed(Quantity::TriggerSpeed, $speed), $distance, $depth, $speed, $length,
        );
    }
}
