<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A foundation as it was shown on a day. The latest of a skill counts, and ages.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $user_id
 * @property string $skill
 * @property string $state
 * @property string $place
 * @property CarbonImmutable $shown_on
 * @property ?string $note
 * @property-read User $user
 */
final class SkillShowing extends Entity
{
    public $timestamps = false;

    protected $fillable = ['practice_id', 'dog_id', 'user_id', 'skill', 'state', 'place', 'shown_on', 'note'];

    protected $casts = ['shown_on' => 'immutable_date'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
