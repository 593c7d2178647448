<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A caution that a user has read for a dog.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $user_id
 * @property string $caution
 * @property CarbonImmutable $read_at
 * @property-read User $user
 */
final class CautionRead extends Entity
{
    public $timestamps = false;

    protected $table = 'cautions_read';

    protected $fillable = ['practice_id', 'dog_id', 'user_id', 'caution', 'read_at'];

    protected $casts = ['read_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
