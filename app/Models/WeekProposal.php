<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The newest proposal for a week: what it could not meet, and why. What it laid are appointments.
 *
 * @property int $id
 * @property int $practice_id
 * @property CarbonImmutable $monday
 * @property int $user_id who asked
 * @property list<array{plan: int, missing: int, rule: string, day: ?int, minute: ?int}> $unmet
 * @property CarbonImmutable $proposed_at
 * @property-read User $user
 */
final class WeekProposal extends Entity
{
    public $timestamps = false;

    protected $fillable = ['practice_id', 'monday', 'user_id', 'unmet', 'proposed_at'];

    protected $casts = ['monday' => 'immutable_date', 'unmet' => 'array', 'proposed_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
