<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Observation\Activity;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A session without a ladder: looking around, a walk, a drill, something shown once, a tour of the body.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $user_id
 * @property ?int $person_id who handles
 * @property ?int $place_id
 * @property string $uuid
 * @property Activity $activity
 * @property ?string $skill foundation that is drilled
 * @property bool $is_woken
 * @property CarbonImmutable $started_at
 * @property ?CarbonImmutable $ended_at
 * @property ?string $end_note
 * @property-read Dog $dog
 * @property-read ?Person $person
 * @property-read ?Place $place
 * @property-read Collection<int, Observation> $observations
 */
final class FreeSession extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'practice_id', 'dog_id', 'user_id', 'person_id', 'place_id', 'uuid', 'activity', 'skill', 'is_woken', 'started_at', 'ended_at',
        'end_note',
    ];

    protected $casts = [
        'activity' => Activity::class, 'is_woken' => 'boolean', 'started_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return HasMany<Observation, $this> */
    public function observations(): HasMany
    {
        return $this->hasMany(Observation::class)->orderBy('occurred_at')->orderBy('id');
    }
}
