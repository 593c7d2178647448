<?php

declare(strict_types=1);

namespace App\Models;

use Core\Handling\AreaState;

/**
 * What is known of one part of a dog besides its trials.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $user_id
 * @property string $area
 * @property string $side left, right, or both
 * @property AreaState $state
 * @property ?string $word said before it is touched
 * @property ?string $note
 */
final class DogArea extends Entity
{
    protected $fillable = ['practice_id', 'dog_id', 'user_id', 'area', 'side', 'state', 'word', 'note'];

    protected $casts = ['state' => AreaState::class];
}
