<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Where somebody's busy times come from: an address that is read again and again, or a file that was given once.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $person_id
 * @property string $name
 * @property string $address empty for a file
 * @property ?CarbonImmutable $read_at when it could be read last
 * @property string $problem key of what was wrong the last time; empty if nothing was
 * @property-read Person $person
 * @property-read Practice $practice
 */
final class CalendarFeed extends Entity
{
    use OfPractice;

    protected $fillable = ['practice_id', 'person_id', 'name', 'address', 'read_at', 'problem'];

    protected $casts = ['read_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }

    /** @return HasMany<BusyTime, $this> */
    public function busyTimes(): HasMany
    {
        return $this->hasMany(BusyTime::class)->orderBy('starts_at');
    }
}
