<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Hours that come back every week: of a person, a place or a dog.
 *
 * @property int $id
 * @property int $practice_id
 * @property ?int $person_id
 * @property ?int $place_id
 * @property ?int $dog_id
 * @property string $kind free (at work, open, to be had) or busy (many come by)
 * @property int $weekday 0 is Monday
 * @property int $from_minute
 * @property int $until_minute
 */
final class WeeklyHours extends Entity
{
    public const FREE = 'free';

    public const BUSY = 'busy';

    public $timestamps = false;

    protected $table = 'weekly_hours';

    protected $fillable = ['practice_id', 'person_id', 'place_id', 'dog_id', 'kind', 'weekday', 'from_minute', 'until_minute'];
}
