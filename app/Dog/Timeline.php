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
     * @param  array<string, list<array{at: \DateTimeInterface, meters: float}>>  $nearest  by plan: where its last trial was calm
     * @param  list<array{at: \DateTimeInterface, kind: EventKind, severity: int}>  $events
     */
    public function __construct(
        public \DateTimeInterface $from,
        public \DateTimeInterface $to,
        public array $sessions,
        public array $free,
        public array $nearest,
        public array $events,
        public ?\DateTimeInterface $vetSeenOn,
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->sessions === [] && $this->free === [] && $this->events === [];
    }
}
