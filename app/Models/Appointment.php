<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A session that is planned, or anything else somebody has to be at.
 *
 * @property int $id
 * @property int $practice_id
 * @property string $uuid stays the same whatever is changed: calendars know it by this
 * @property ?int $plan_id null for something else
 * @property int $person_id
 * @property ?int $helper_id
 * @property ?int $place_id null: where the dog lives
 * @property string $title of something else
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 * @property bool $is_pinned stays where it is when the week is proposed anew
 * @property int $sequence changes so far
 * @property ?CarbonImmutable $cancelled_at
 * @property ?CarbonImmutable $updated_at
 * @property-read ?Plan $plan
 * @property-read Person $person
 * @property-read ?Person $helper
 * @property-read ?Place $place
 */
final class Appointment extends Entity
{
    use OfPractice;

    protected $fillable = [
        'practice_id', 'uuid', 'plan_id', 'person_id', 'helper_id', 'place_id', 'title', 'starts_at', 'ends_at', 'is_pinned', 'sequence',
        'cancelled_at',
    ];

    protected $attributes = ['title' => '', 'is_pinned' => false, 'sequence' => 0];

    protected $casts = [
        'starts_at' => 'immutable_datetime', 'ends_at' => 'immutable_datetime', 'cancelled_at' => 'immutable_datetime',
        'is_pinned' => 'boolean',
    ];

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class)->withTrashed();
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function helper(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    public function dog(): ?Dog
    {
        return $this->plan?->responseModel->dog;
    }

    public function minutes(): int
    {
        return intdiv($this->ends_at->getTimestamp() - $this->starts_at->getTimestamp(), 60);
    }
}
