<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\EventKind;
use Core\Observation\Activity;
use Core\Sign\Band;

/** Weeks of a dog's life. */
final readonly class Timeline
{
    /**
     * @param  list<array{id: int, at: \DateTimeInterface, plan: string, bands: list<Band>}>  $sessions  in order of time
     * @param  list<array{id: int, at: \DateTimeInterface, activity: Activity}>  $free  sessions without a plan
     * @param  array<string, list<array{at: \DateTimeInterface, meters: float, from: float, to: float}>>  $limits  by plan: working distance
     *    after each session, 80 % sure that it is not nearer than "from" nor farther than "to"
     * @param  list<array{at: \DateTimeInterface, kind: EventKind, severity: int}>  $events
     * @param  array<string, array{done: int, wrong: bool}>  $homeDays  days of homework, by date in the zone of the practice
     * @param  list<array{name: string, from: \DateTimeInterface, to: ?\DateTimeInterface}>  $health  medication and conditions; null:
     *    still so
     */
    public function __construct(
        public \DateTimeInterface $from,
        public \DateTimeInterface $to,
        public array $sessions,
        public array $free,
        public array $limits,
        public array $events,
        public array $health,
        public array $homeDays,
        public ?\DateTimeInterface $vetSeenOn,
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->sessions === [] && $this->free === [] && $this->events === [] && $this->health === []
            && $this->homeDays === [];
    }
}
