<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Marking\Drill;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One round of marker timing.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $user_id
 * @property Drill $drill
 * @property string $mark_by tap, clicker or word
 * @property int $seed
 * @property int $delay_ms
 * @property int $spread_ms
 * @property list<list<array<string, mixed>>> $parts
 * @property list<array<string, mixed>> $taps
 * @property ?float $share
 * @property ?int $offset_ms
 * @property CarbonImmutable $started_at
 * @property ?CarbonImmutable $ended_at
 * @property-read User $user
 */
final class TimingRound extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $fillable = [
        'practice_id', 'user_id', 'drill', 'mark_by', 'seed', 'delay_ms', 'spread_ms', 'parts', 'taps', 'share', 'offset_ms', 'started_at',
        'ended_at',
    ];

    protected $casts = [
        'drill' => Drill::class, 'parts' => 'array', 'taps' => 'array', 'share' => 'float', 'started_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
