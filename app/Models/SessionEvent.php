<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Something that happened in a session besides trials: leaving, recovery, a trigger that passed, a hand-over.
 *
 * @property int $id
 * @property int $session_id
 * @property int $user_id
 * @property string $uuid
 * @property SessionEventKind $kind
 * @property ?array<string, mixed> $data
 * @property CarbonImmutable $occurred_at
 */
final class SessionEvent extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'session_id', 'user_id', 'uuid', 'kind', 'data', 'occurred_at'];

    protected $casts = ['kind' => SessionEventKind::class, 'data' => 'array', 'occurred_at' => 'immutable_datetime'];
}
