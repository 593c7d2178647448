<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A run of trials between breaks. ("Set" alone is too easily read as a verb or a collection.)
 *
 * @property int $id
 * @property int $session_id
 * @property int $position from 1
 * @property CarbonImmutable $started_at
 * @property ?CarbonImmutable $ended_at
 */
final class TrainingSet extends Entity
{
    public $timestamps = false;

    protected $table = 'sets';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['session_id', 'position', 'started_at', 'ended_at'];

    protected $casts = ['started_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime'];
}
