<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A trial that a device recorded and that fits no session: kept until somebody places or dismisses it.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $user_id
 * @property string $uuid
 * @property array<string, mixed> $payload
 * @property string $reason
 * @property CarbonImmutable $received_at
 * @property ?CarbonImmutable $settled_at
 * @property ?int $trial_id that it became
 * @property-read User $user
 * @property-read ?Trial $trial
 */
final class UnplacedTrial extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'user_id', 'uuid', 'payload', 'reason', 'received_at', 'settled_at', 'trial_id'];

    protected $casts = ['payload' => 'array', 'received_at' => 'immutable_datetime', 'settled_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Trial, $this> */
    public function trial(): BelongsTo
    {
        return $this->belongsTo(Trial::class);
    }
}
