<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\Dog;
use App\Models\User;

/** Takes a dog into the practice. */
final readonly class AddDog
{
    public function add(
        User $user, string $name, string $description, ?string $bornOn, bool $hasBitten, bool $hidesSigns, ?string $healthNote,
    ): Dog {
        return Dog::query()->create([
            'practice_id' => $user->practice_id, 'name' => $name, 'description' => $description, 'born_on' => $bornOn,
            'bite_history' => $hasBitten, 'hides_signs' => $hidesSigns, 'health_note' => $healthNote,
        ]);
    }
}
