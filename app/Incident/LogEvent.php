<?php

declare(strict_types=1);

namespace App\Incident;

use App\Models\Dog;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\User;
use Psr\Clock\ClockInterface;

/** Logs a fright, an upset, an exposure off plan. The same entry sent twice is one. */
final readonly class LogEvent
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @param  int  $severity  1 to 4; a calm day has none
     * @return bool whether it is new
     */
    public function log(Dog $dog, User $user, string $uuid, EventKind $kind, int $severity, int $hoursAgo, ?string $note): bool
    {
        return Event::query()->firstOrCreate(['practice_id' => $dog->practice_id, 'uuid' => strtolower($uuid)], [
            'dog_id' => $dog->id, 'user_id' => $user->id, 'kind' => $kind, 'severity' => $kind === EventKind::Calm ? 0 : $severity,
            'occurred_at' => $this->clock->now()->modify("-{$hoursAgo} hours"), 'note' => $note,
        ])->wasRecentlyCreated;
    }
}
