<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A browser somebody signed in with, until it signs out or is ended from elsewhere.
 *
 * @property int $id
 * @property int $user_id
 * @property string $secret hash of what the device keeps
 * @property string $name
 * @property string $address
 * @property bool $is_remembered stays signed in when its browser is closed
 * @property CarbonImmutable $signed_in_at
 * @property CarbonImmutable $seen_at
 * @property ?CarbonImmutable $ended_at
 */
final class Device extends Entity
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'secret', 'name', 'address', 'is_remembered', 'signed_in_at', 'seen_at', 'ended_at'];

    protected $casts = [
        'is_remembered' => 'boolean', 'signed_in_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
    ];
}
