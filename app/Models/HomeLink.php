<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An address that opens the home page of one dog without a sign-in, for whom it was given, until it ends or is closed.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $person_id
 * @property int $user_id who made it
 * @property string $token hash
 * @property string $language
 * @property CarbonImmutable $ends_at
 * @property ?CarbonImmutable $opened_at last
 * @property ?CarbonImmutable $closed_at
 * @property-read Dog $dog
 * @property-read Person $person
 */
final class HomeLink extends Entity
{
    use OfPractice;

    protected $fillable = ['practice_id', 'dog_id', 'person_id', 'user_id', 'token', 'language', 'ends_at', 'opened_at', 'closed_at'];

    protected $casts = ['ends_at' => 'immutable_datetime', 'opened_at' => 'immutable_datetime', 'closed_at' => 'immutable_datetime'];

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
}
