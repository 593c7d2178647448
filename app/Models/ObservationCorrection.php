<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What was put right about an observation, by whom and when.
 *
 * @property int $id
 * @property int $observation_id
 * @property int $user_id
 * @property string $uuid
 * @property array<string, scalar> $changes
 * @property CarbonImmutable $made_at
 * @property-read User $user
 */
final class ObservationCorrection extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'observation_id', 'user_id', 'uuid', 'changes', 'made_at'];

    protected $casts = ['changes' => 'array', 'made_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
