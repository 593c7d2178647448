<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A day on which a home does nothing, and that counts as done: a rest, or a dog that is not well.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property ?int $user_id
 * @property ?int $person_id
 * @property CarbonImmutable $on_day
 * @property string $kind rest or unwell
 */
final class HomeDayOff extends Entity
{
    protected $table = 'home_days';

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'dog_id', 'user_id', 'person_id', 'on_day', 'kind'];

    protected $casts = ['on_day' => 'immutable_date'];
}
