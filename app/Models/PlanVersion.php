<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A plan's ladder as it was before it was changed.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $plan_id
 * @property int $user_id
 * @property int $number
 * @property list<array<mixed>> $steps
 * @property string $change
 * @property CarbonImmutable $made_at
 * @property-read User $user
 */
final class PlanVersion extends Entity
{
    public $timestamps = false;

    protected $fillable = ['practice_id', 'plan_id', 'user_id', 'number', 'steps', 'change', 'made_at'];

    protected $casts = ['steps' => 'array', 'made_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
