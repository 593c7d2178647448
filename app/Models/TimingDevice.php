<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * How late somebody's taps, or sounds, come on one device.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $user_id
 * @property string $device
 * @property string $mark_by tap or sound
 * @property int $delay_ms
 * @property int $spread_ms
 * @property CarbonImmutable $measured_at
 */
final class TimingDevice extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $fillable = ['practice_id', 'user_id', 'device', 'mark_by', 'delay_ms', 'spread_ms', 'measured_at'];

    protected $casts = ['measured_at' => 'immutable_datetime'];
}
