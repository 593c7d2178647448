<?php

declare(strict_types=1);

namespace App\Handling;

use App\Models\Dog;
use App\Models\DogArea;
use App\Models\User;
use Core\Handling\AreaState;

/** Keeps what is known of one part of a dog: its word, and whether hands keep off. */
final readonly class SaveArea
{
    public function keep(Dog $dog, User $user, string $area, string $side, AreaState $state, ?string $word, ?string $note): void
    {
        DogArea::query()->updateOrCreate(['dog_id' => $dog->id, 'area' => $area, 'side' => $side], [
            'practice_id' => $dog->practice_id, 'user_id' => $user->id, 'state' => $state, 'word' => $word, 'note' => $note,
        ]);
    }
}
