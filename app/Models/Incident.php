<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A bite or an injury, as facts.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $event_id
 * @property int $user_id
 * @property string $uuid
 * @property CarbonImmutable $occurred_at
 * @property string $place
 * @property array<string, string> $facts
 * @property string $before what came before
 * @property ?string $treatment
 * @property list<string> $told who was told
 * @property ?string $told_note
 * @property-read Dog $dog
 * @property-read User $user
 */
final class Incident extends Entity
{
    use OfPractice;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'practice_id', 'dog_id', 'event_id', 'user_id', 'uuid', 'occurred_at', 'place', 'facts', 'before', 'treatment', 'told',
        'told_note',
    ];

    protected $casts = ['occurred_at' => 'immutable_datetime', 'facts' => 'array', 'told' => 'array'];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
