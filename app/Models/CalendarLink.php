<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The secret address of one person's calendar.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $person_id
 * @property string $token hash
 * @property ?CarbonImmutable $opened_at last
 * @property ?CarbonImmutable $closed_at
 * @property-read Person $person
 */
final class CalendarLink extends Entity
{
    use OfPractice;

    protected $fillable = ['practice_id', 'person_id', 'token', 'opened_at', 'closed_at'];

    protected $casts = ['opened_at' => 'immutable_datetime', 'closed_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
