<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Everything of a practice as one file.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $user_id who asked
 * @property int $progress 0 to 100
 * @property bool $has_failed
 * @property ?string $file
 * @property int $bytes
 * @property string $checksum over the data, not the file
 * @property CarbonImmutable $made_at
 * @property-read Practice $practice
 * @property-read User $user
 */
final class PracticeArchive extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $table = 'archives';

    protected $fillable = ['practice_id', 'user_id', 'progress', 'has_failed', 'file', 'bytes', 'checksum', 'made_at'];

    protected $attributes = ['progress' => 0, 'has_failed' => false, 'bytes' => 0, 'checksum' => ''];

    protected $casts = ['has_failed' => 'boolean', 'made_at' => 'immutable_datetime'];

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
