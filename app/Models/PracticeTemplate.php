<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A ladder that a practice keeps for its own use.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $user_id
 * @property string $key
 * @property string $label
 * @property string $kind
 * @property array<mixed> $content
 */
final class PracticeTemplate extends Entity
{
    use OfPractice;

    protected $fillable = ['practice_id', 'user_id', 'key', 'label', 'kind', 'content'];

    protected $casts = ['content' => 'array'];
}
