<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A person who may not handle this dog, or only in training, and why.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $person_id
 * @property int $user_id
 * @property string $reason
 * @property bool $is_training_allowed handles it in training, and nowhere else
 * @property-read Person $person
 */
final class HandlerLimit extends Entity
{
    use OfPractice;

    protected $fillable = ['practice_id', 'dog_id', 'person_id', 'user_id', 'reason', 'is_training_allowed'];

    protected $casts = ['is_training_allowed' => 'boolean'];

    /**
     * Those that keep somebody out of sessions too.
     *
     * @return Builder<self>
     */
    public static function inTraining(int $dogId): Builder
    {
        return self::query()->where('dog_id', $dogId)->where('is_training_allowed', false);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
