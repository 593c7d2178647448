<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Measure\Distance;

/**
 * Where work at a distance begins with a dog that has no history: a test leads, then what was told, and always inside the room. Common
 * practice.
 */
final readonly class FirstStart
{
    /** Times the distance at which it reacts, where that is all anybody knows. */
    private const TIMES_REACTION = 3.0;

    private const LEAST_TIMES_REACTION = 2.5;

    /** A step nearer than where it is fine, or farther, is as good as there. */
    private const NEARER_THAN_FINE = 0.85;

    private const FARTHER_THAN_FINE = 1.2;

    /** Nothing told at all: where most people would stand. */
    private const UNKNOWN_METERS = 40.0;

    private function __construct(public float $meters, public Reason $reason, public bool $isPeek = false, public bool $isRefused = false)
    {
    }

    /** @param  float  $room  meters that can be used here */
    public static function of(Told $told, float $room, ?float $typed): self
    {
        // quiet is not the same as fine
        $fine = $told->hidesSigns ? null : $told->fineAt?->distance()?->meters;
        if ($fine !== null) {
            // a start typed farther is a trainer's wish; one typed clearly nearer than what is known to be fine is not tried
            $start = $typed !== null && $typed >= self::NEARER_THAN_FINE * $fine ? $typed : $fine;
            $isFarther = $start > self::FARTHER_THAN_FINE * $fine;

            return self::within($start, $room, Reason::of($isFarther ? ReasonCode::StartTyped : ReasonCode::StartTold), $told, $fine);
        }
        if ($told->reactsAt !== null) {
            $reacts = $told->reactsAt->meters;
            $start = $typed !== null && $typed >= self::LEAST_TIMES_REACTION * $reacts ? $typed : self::TIMES_REACTION * $reacts;

            return self::within($start, $room, Reason::of(ReasonCode::StartReactionTold), $told, self::LEAST_TIMES_REACTION * $reacts);
        }
        $start = min($room, $typed ?? self::UNKNOWN_METERS);

        return $told->forbidsTrying()
            ? new self($start, Reason::of(ReasonCode::StartUnknownRefused), false, true)
            : new self($start, Reason::of(ReasonCode::StartUnknown), true);
    }

    /** @param  float  $least  meters that would do */
    private static function within(float $start, float $room, Reason $reason, Told $told, float $least): self
    {
        if ($room >= $least - 1e-9) {
            return new self(Way::paced(min($start, $room)), $reason);
        }

        return $told->forbidsTrying()
            ? new self($room, Reason::of(ReasonCode::RoomTooSmall), false, true)
            : new self($room, Reason::of(ReasonCode::RoomPeeks), true);
    }

    public function distance(): Distance
    {
        return Distance::fromMeters($this->meters);
    }
}
