<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One picture of a dog or of a place.
 *
 * @property int $id
 * @property int $practice_id
 * @property ?int $dog_id
 * @property ?int $place_id
 * @property int $user_id
 * @property string $file
 * @property int $width
 * @property int $height
 * @property CarbonImmutable $taken_in_at
 * @property-read ?Dog $dog
 * @property-read ?Place $place
 */
final class Photo extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $fillable = ['practice_id', 'dog_id', 'place_id', 'user_id', 'file', 'width', 'height', 'taken_in_at'];

    protected $casts = ['taken_in_at' => 'immutable_datetime'];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }
}
