<?php

declare(strict_types=1);

namespace Core\Field;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** Stepping off the path of something that comes head-on: how early, in which direction, how near it then comes. */
final readonly class StepAside
{
    /**
     * @param  float  $handler  m/s of handler and dog
     * @param  float  $trigger  m/s toward where they stand
     *
     * @throws InvalidMeasure if a speed is out of its range
     */
    public function __construct(private float $handler, private float $trigger)
    {
        Measures::speed(Quantity::HandlerSpeed, $handler);
        Measures::speed(Quantity::TriggerSpeed, $trigger);
    }

    /**
     * Degrees from the direction toward the trigger at which it may be started latest: straight away from something slower, else
     * arccos(−v_h/v_t).
     */
    public function bestAngle(): float
    {
        return $this->handler < $this->trigger ? rad2deg(acos(-$this->handler / $this->trigger)) : 180.0;
    }

    /**
     * The distance at which to start so that the trigger never comes nearer than the limit, with unlimited room to the side.
     *
     * @param  float  $degrees  from the direction toward the trigger; 90 is square to the path
     * @param  float  $reaction  seconds until they move; until then they walk on toward it
     *
     * @throws InvalidMeasure if a measure is out of its range
     */
    public function startAt(float $limit, float $degrees, float $reaction = 0.0): float
    {
        Measures::meters(Quantity::WorkingDistance, $limit);
        $angle = self::angle($degrees);

        return $limit * sqrt($this->trigger ** 2 + $this->handler ** 2 + 2.0 * $this->trigger * $this->handler * cos(
            $angle,
        )) / ($this->handler * sin($angle))
            + ($this->handler + $this->trigger) * Measures::seconds(Quantity::ReactionTime, $reaction);
    }

    /**
     * How near it comes if they go so far to the side and stand there.
     *
     * @param  float  $distance  at which they start
     * @param  float  $room  meters to the side of the path
     *
     * @throws InvalidMeasure if a measure is out of its range
     */
    public function nearest(float $distance, float $degrees, float $room): float
    {
        Measures::meters(Quantity::Distance, $distance);
        Measures::meters(Quantity::RoomAside, $room);
        $angle = self::angle($degrees);
        [$vx, $vy] = [$this->handler * cos($angle), $this->handler * sin($angle)];
        $arrived = $room / $vy;
        $moving = Motion::nearest([$distance, 0.0], [-$this->trigger - $vx, -$vy], $arrived);
        $standing = Motion::nearest([$distance - ($this->trigger + $vx) * $arrived, -$room], [-$this->trigger, 0.0]);

        return min($moving, $standing);
    }

    /** @throws InvalidMeasure if it is not between straight toward and straight away */
    private static function angle(float $degrees): float
    {
        return $degrees >= 1.0 && $degrees <= 179.0
            ? deg2rad($degrees)
            : throw InvalidMeasure::outOfRange(Quantity::Angle, $degrees, 1, 179);
    }
}
