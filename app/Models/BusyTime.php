<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * When somebody is busy elsewhere; with what, nobody here needs to know.
 *
 * @property int $id
 * @property int $calendar_feed_id
 * @property int $person_id
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 */
final class BusyTime extends Entity
{
    public $timestamps = false;

    protected $fillable = ['calendar_feed_id', 'person_id', 'starts_at', 'ends_at'];

    protected $casts = ['starts_at' => 'immutable_datetime', 'ends_at' => 'immutable_datetime'];
}
