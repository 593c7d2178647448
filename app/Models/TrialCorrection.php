<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * An undo or an edit of a trial, kept beside it.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $trial_id
 * @property int $user_id
 * @property string $uuid
 * @property string $kind "undo" or "edit"
 * @property ?array<string, mixed> $changes
 * @property CarbonImmutable $made_at
 */
final class TrialCorrection extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'trial_id', 'user_id', 'uuid', 'kind', 'changes', 'made_at'];

    protected $casts = ['changes' => 'array', 'made_at' => 'immutable_datetime'];
}
