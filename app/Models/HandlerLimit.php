<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A person who may not handle this dog in training, and why.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $person_id
 * @property int $user_id
 * @property string $reason
 * @property-read Person $person
 */
final class HandlerLimit extends Model
{
    use OfPractice;

    protected $fillable = ['practice_id', 'dog_id', 'person_id', 'user_id', 'reason'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
