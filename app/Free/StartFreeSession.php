<?php

declare(strict_types=1);

namespace App\Free;

use App\Models\Dog;
use App\Models\FreeSession;
use App\Models\Place;
use App\Models\User;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Opens a session without a ladder: no plan, no meters, no prerequisites. Its place is named on the spot. */
final readonly class StartFreeSession
{
    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    /** One that this user has still open with this dog goes on; the same form sent twice is one session. */
    public function start(Dog $dog, User $user, FreeSessionDraft $draft): FreeSession
    {
        return $this->database->transaction(function () use ($dog, $user, $draft): FreeSession {
            Dog::query()->whereKey($dog->id)->lockForUpdate()->value('id');
            $open = FreeSession::query()->where('dog_id', $dog->id)->where('user_id', $user->id)
                ->where('activity', $draft->activity)->whereNull('ended_at')->latest('id')->first();

            return $open ?? FreeSession::query()->firstOrCreate(['practice_id' => $dog->practice_id, 'uuid' => $draft->uuid], [
                'dog_id' => $dog->id, 'user_id' => $user->id, 'person_id' => $draft->personId, 'activity' => $draft->activity,
                'place_id' => $draft->place === ''
                    ? null
                    : Place::query()->firstOrCreate(['practice_id' => $dog->practice_id, 'name' => $draft->place])->id,
                'skill' => $draft->skill, 'is_woken' => $draft->isWoken, 'started_at' => $this->clock->now(),
            ]);
        });
    }
}
