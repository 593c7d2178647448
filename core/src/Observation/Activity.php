<?php

declare(strict_types=1);

namespace Core\Observation;

/** What is done in a session that has no ladder. */
enum Activity: string
{
    case LookAround = 'look_around';
    case Walk = 'walk';
    case Drill = 'drill';
    case Shown = 'shown';
    case Tour = 'tour';

    /** @return non-empty-list<Kind> what is noted in it, what is noted most first; leaving and a reaction are always among them */
    public function kinds(): array
    {
        $out = [
            Kind::Looked, Kind::LookedBack, Kind::Unanswered, Kind::Startled, Kind::Stare, Kind::Segment, Kind::AtOnce, Kind::Late,
            Kind::Not,
        ];

        return [...match ($this) {
            self::LookAround => $out,
            self::Walk => [...$out, Kind::Tight, Kind::Gave],
            self::Drill => [Kind::AtOnce, Kind::Late, Kind::Not],
            self::Shown => [Kind::Shown],
            self::Tour => [Kind::Part],
        }, Kind::Mistake, Kind::Left, Kind::Reacted];
    }

    /** Whether it is done out and about, where attention is counted by the minute. */
    public function isOut(): bool
    {
        return $this === self::LookAround || $this === self::Walk;
    }
}
