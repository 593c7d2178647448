<?php

declare(strict_types=1);

namespace App\Handling;

use App\Models\Item;
use App\Models\User;
use App\Models\WearingLogged;
use Core\Wearing\Movement;
use Core\Wearing\WearingSituation;
use Psr\Clock\ClockInterface;

/** Logs an item worn once, after it. The same entry sent twice is one. */
final readonly class LogWearing
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return bool whether it is new */
    public function log(
        Item $item, User $user, string $uuid, int $personId, int $seconds, WearingSituation $situation, Movement $movement, ?string $note,
    ): bool {
        return WearingLogged::query()->firstOrCreate(['practice_id' => $item->practice_id, 'uuid' => strtolower($uuid)], [
            'item_id' => $item->id, 'person_id' => $personId, 'user_id' => $user->id,
            'started_at' => $this->clock->now()->modify("-{$seconds} seconds"), 'seconds' => $seconds,
            'situation' => $situation, 'movement' => $movement, 'note' => $note,
        ])->wasRecentlyCreated;
    }
}
