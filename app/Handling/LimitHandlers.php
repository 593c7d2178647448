<?php

declare(strict_types=1);

namespace App\Handling;

use App\Models\Dog;
use App\Models\HandlerLimit;
use App\Models\User;

/** Keeps who may not handle a dog in training, and why. */
final readonly class LimitHandlers
{
    public function limit(Dog $dog, User $user, int $personId, string $reason, bool $isTrainingAllowed): void
    {
        HandlerLimit::query()->updateOrCreate(['dog_id' => $dog->id, 'person_id' => $personId], [
            'practice_id' => $dog->practice_id, 'user_id' => $user->id, 'reason' => $reason,
            'is_training_allowed' => $isTrainingAllowed,
        ]);
    }

    public function lift(HandlerLimit $limit): void
    {
        $limit->delete();
    }
}
