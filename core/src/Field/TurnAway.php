<?php

declare(strict_types=1);

namespace Core\Field;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** Meeting head-on and turning away: from where on the decision comes too late. */
final readonly class TurnAway
{
    /**
     * The distance at which to decide, so that the trigger never comes nearer than the limit before cover is reached.
     *
     * R + (v_h + v_t)·t_r while it is noticed, + v_t·t_u while turning, + (v_t − v_r)·q/v_r while retreating from a faster one.
     *
     * @param  float  $limit  meters not to be undercut
     * @param  float  $handler  m/s toward the trigger until the turn
     * @param  float  $trigger  m/s toward the handler
     * @param  float  $reaction  seconds until the turn begins
     * @param  float  $turning  seconds standing while turning
     * @param  float  $cover  meters from the turning point back to cover
     * @param  float  $retreat  m/s away
     *
     * @throws InvalidMeasure if a measure is out of its range
     */
    public static function decideAt(
        float $limit, float $handler, float $trigger, float $reaction, float $turning, float $cover, float $retreat,
    ): float {
        Measures::meters(Quantity::WorkingDistance, $limit);
        Measures::speed(Quantity::HandlerSpeed, $handler);
        Measures::speed(Quantity::TriggerSpeed, $trigger);
        Measures::seconds(Quantity::ReactionTime, $reaction);
        Measures::seconds(Quantity::TurningTime, $turning);
        Measures::meters(Quantity::Cover, $cover, 0.0);
        Measures::speed(Quantity::RetreatSpeed, $retreat);

        return $limit + ($handler + $trigger) * $reaction + $trigger * $turning + max(0.0, $trigger - $retreat) * $cover / $retreat;
    }
}
