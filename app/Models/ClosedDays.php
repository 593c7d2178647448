<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Days on which the practice is closed.
 *
 * @property int $id
 * @property int $practice_id
 * @property CarbonImmutable $from_on
 * @property CarbonImmutable $until_on
 * @property string $name
 */
final class ClosedDays extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $fillable = ['practice_id', 'from_on', 'until_on', 'name'];

    protected $casts = ['from_on' => 'immutable_date', 'until_on' => 'immutable_date'];
}
