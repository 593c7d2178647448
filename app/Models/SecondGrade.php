<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Sign\Band;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How a second person graded the same trial.
 *
 * @property int $id
 * @property int $trial_id
 * @property int $user_id
 * @property string $uuid
 * @property Band $band
 * @property CarbonImmutable $graded_at
 * @property-read User $user
 * @property-read Trial $trial
 */
final class SecondGrade extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'trial_id', 'user_id', 'uuid', 'band', 'graded_at'];

    protected $casts = ['band' => Band::class, 'graded_at' => 'immutable_datetime'];

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
