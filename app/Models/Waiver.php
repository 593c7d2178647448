<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Why a plan was begun without a foundation.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $plan_id
 * @property int $user_id
 * @property string $skill
 * @property string $reason
 * @property CarbonImmutable $given_at
 * @property-read User $user
 */
final class Waiver extends Entity
{
    public $timestamps = false;

    protected $fillable = ['practice_id', 'plan_id', 'user_id', 'skill', 'reason', 'given_at'];

    protected $casts = ['given_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
