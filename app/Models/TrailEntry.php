<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Who did what when, beside what is logged in sessions: never changed.
 *
 * @property int $id
 * @property int $practice_id
 * @property ?int $user_id
 * @property TrailAction $action
 * @property string $about name of whom or what, as it was then
 * @property string $subject kind and number, as dog:4
 * @property ?array<string, string> $facts
 * @property CarbonImmutable $done_at
 * @property-read ?User $user
 */
final class TrailEntry extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'user_id', 'action', 'about', 'subject', 'facts', 'done_at'];

    protected $casts = ['action' => TrailAction::class, 'facts' => 'array', 'done_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
