<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What was put right about a trial, kept beside it: an edit, or that it was taken out, or put back.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $trial_id
 * @property int $user_id
 * @property string $uuid
 * @property string $kind "undo", "restore" or "edit"
 * @property ?array<string, mixed> $changes
 * @property CarbonImmutable $made_at
 * @property-read User $user
 */
final class TrialCorrection extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'trial_id', 'user_id', 'uuid', 'kind', 'changes', 'made_at'];

    protected $casts = ['changes' => 'array', 'made_at' => 'immutable_datetime'];

    /**
     * Whether these leave their trial out of the count: the last word of taking out and putting back.
     *
     * @param  list<string>  $kinds  in their order
     */
    public static function leaveOut(array $kinds): bool
    {
        $words = array_intersect($kinds, ['undo', 'restore']);

        return $words !== [] && end($words) === 'undo';
    }

    /** @return BelongsTo<Trial, $this> */
    public function trial(): BelongsTo
    {
        return $this->belongsTo(Trial::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
