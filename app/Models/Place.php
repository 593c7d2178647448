<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * @property int $id
 * @property int $practice_id
 * @property string $name
 * @property ?int $trials_an_outing passers-by in one outing, or what a dog has energy for there
 * @property ?float $room_meters farthest distance the place allows; null if it does not end
 * @property ?int $travel_minutes from the practice
 * @property string $kind
 * @property string $address
 * @property string $hours when it is quiet, busy, closed
 * @property string $note
 * @property ?CarbonImmutable $archived_at
 */
final class Place extends Entity
{
    use OfPractice;

    protected $fillable = ['practice_id', 'name', 'room_meters', 'trials_an_outing', 'travel_minutes', 'kind', 'address', 'hours',
        'note', 'archived_at'];

    protected $casts = ['room_meters' => 'float', 'archived_at' => 'immutable_datetime'];
}
