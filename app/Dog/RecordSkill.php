<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\Dog;
use App\Models\SkillShowing;
use App\Models\User;

/** Records a foundation as it was shown: when, where, how far. */
final readonly class RecordSkill
{
    public function record(Dog $dog, User $user, string $skill, string $state, string $place, string $on, ?string $note): SkillShowing
    {
        return SkillShowing::query()->create([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $user->id, 'skill' => $skill, 'state' => $state,
            'place' => $place, 'shown_on' => $on, 'note' => $note,
        ]);
    }
}
