<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A place seen from above.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $place_id
 * @property int $user_id
 * @property array<string, float|string> $layout
 * @property array<string, int> $passes an hour by time of day, as entered
 * @property ?string $note
 */
final class Sketch extends Entity
{
    protected $fillable = ['practice_id', 'place_id', 'user_id', 'layout', 'passes', 'note'];

    protected $casts = ['layout' => 'array', 'passes' => 'array'];
}
