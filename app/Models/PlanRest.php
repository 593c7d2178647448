<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Decision\RestReason;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That a plan rested, for what, and who looked at it before it went on: kept for good.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $plan_id
 * @property ?int $user_id who logged what it rests for
 * @property RestReason $reason
 * @property CarbonImmutable $rested_at
 * @property ?int $reviewed_by
 * @property ?CarbonImmutable $reviewed_at
 * @property-read Plan $plan
 * @property-read ?User $user
 * @property-read ?User $reviewer
 */
final class PlanRest extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'plan_id', 'user_id', 'reason', 'rested_at', 'reviewed_by', 'reviewed_at'];

    protected $casts = ['reason' => RestReason::class, 'rested_at' => 'immutable_datetime', 'reviewed_at' => 'immutable_datetime'];

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function reviewer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'reviewed_by');
    }
}
